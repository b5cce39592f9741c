import { PLAIN_RACK } from '@tinder/core/domain/model';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { DEMO_RACK, DEMO_TRIP } from '@tinder/core/demo';
import { METRIC } from '@tinder/core/foundation/units';
import { openDB } from 'idb';
import { until } from '../../testing/until';
import { WorkspaceDb } from './workspace-db';

const quiet = { blocked: () => undefined, blocking: () => undefined, terminated: () => undefined };
let n = 0;
const fresh = () => `db-${n++}`;
const write = (name: string, expected: number) => ({ trip: { ...DEMO_TRIP, name }, archived: false, expected });
const units = { ...METRIC };

describe('the saved library', () => {
  it('comes back as it was saved, in another connection', async () => {
    const name = fresh();
    const first = await WorkspaceDb.open(quiet, name);
    expect(await first.load()).toEqual({ trips: [], aside: [] });
    expect(await first.save([write('Ember Traverse', 0)], [], [DEMO_TRIP.id])).toEqual([]);
    await first.savePreferences({ theme: 'headlamp', units });
    first.close();
    const second = await WorkspaceDb.open(quiet, name);
    expect(await second.load()).toMatchObject({
      trips: [{ trip: { name: 'Ember Traverse' }, revision: 1 }],
      preferences: { theme: 'headlamp' },
    });
    expect((await second.trips([DEMO_TRIP.id, 'gone'])).map((t) => t.trip.name)).toEqual(['Ember Traverse']);
  });

  it('overwrites nothing that another tab has saved since, and gives it back instead', async () => {
    const db = await WorkspaceDb.open(quiet, fresh());
    await db.save([write('first', 0)], [], [DEMO_TRIP.id]);
    await db.save([write('theirs', 1)], [], [DEMO_TRIP.id]);
    expect(await db.save([write('mine', 1)], [], [DEMO_TRIP.id])).toMatchObject([
      { id: DEMO_TRIP.id, trip: { name: 'theirs' }, revision: 2 },
    ]);
    expect((await db.load()).trips[0].trip.name).toBe('theirs');
  });

  it('keeps the rack as it is saved, and overwrites none that another tab has saved since', async () => {
    const db = await WorkspaceDb.open(quiet, fresh());
    expect(await db.saveRack(PLAIN_RACK, DEMO_RACK)).toBeUndefined();
    expect((await db.load()).rack).toEqual(DEMO_RACK);
    const theirs = { ...DEMO_RACK, onlyOwned: true };
    expect(await db.saveRack(DEMO_RACK, theirs)).toBeUndefined();
    const mine = { ...DEMO_RACK, spreadTrips: 3 };
    expect(await db.saveRack(DEMO_RACK, mine)).toEqual(theirs);
    expect((await db.load()).rack).toEqual(theirs);
  });

  it('takes its own rack for its own, in whatever order the keys were written', async () => {
    const db = await WorkspaceDb.open(quiet, fresh());
    const backwards = Object.fromEntries(Object.entries(DEMO_RACK).reverse()) as typeof DEMO_RACK;
    expect(await db.saveRack(PLAIN_RACK, backwards)).toBeUndefined();
    expect(await db.saveRack(backwards, { ...backwards, spreadTrips: 3 })).toBeUndefined();
    expect((await db.load()).rack?.spreadTrips).toBe(3);
  });

  it('writes nothing that it could not read again, and says what is wrong with it', async () => {
    const db = await WorkspaceDb.open(quiet, fresh());
    const odd = { ...DEMO_TRIP, reservePercent: Number.NaN };
    await expect(db.save([{ trip: odd, archived: false, expected: 0 }], [], [odd.id])).rejects.toThrow(
      /^Vesper Divide cannot be saved: reservePercent, wrongKind/,
    );
    const heavy = { ...DEMO_RACK, pieces: DEMO_RACK.pieces.map((p) => ({ ...p, massG: -1 })) };
    await expect(db.saveRack(PLAIN_RACK, heavy)).rejects.toThrow(/the rack cannot be saved: pieces\.0\.massG/);
    expect(await db.load()).toEqual({ trips: [], aside: [] });
  });
});

describe('what cannot be read', () => {
  it.each([
    ['a word', 'from some other day', { path: 'trip', code: 'wrongKind' }],
    ['null', null, { path: '', code: 'wrongKind', found: 'null' }],
    [
      'a trip with a bad value',
      { trip: { ...DEMO_TRIP, reservePercent: 'NaN' }, archived: false, revision: 3 },
      { path: 'trip.reservePercent', found: 'string' },
    ],
    ['a revision that is no number', { trip: DEMO_TRIP, archived: false, revision: Number.NaN }, { path: 'revision', found: 'nan' }],
  ])('is kept aside as it was, and never saved over: %s', async (_what, value, problem) => {
    const name = fresh();
    const db = await WorkspaceDb.open(quiet, name);
    const raw = await openDB(name);
    const stored = typeof value === 'string' ? { trip: value, archived: false, revision: 3 } : value;
    await raw.put('trips', stored, DEMO_TRIP.id);
    const { trips, aside } = await db.load();
    expect(trips).toEqual([]);
    expect(aside).toMatchObject([{ kind: 'trip', id: DEMO_TRIP.id, value: stored, key: 1 }]);
    expect(aside[0].problem).toMatchObject(problem);
    await db.save([write('mine', 0)], [], [DEMO_TRIP.id]);
    expect((await db.load()).aside[0].value).toEqual(stored);
  });

  it('is put aside as well where it turns up between reading and saving', async () => {
    const name = fresh();
    const db = await WorkspaceDb.open(quiet, name);
    const raw = await openDB(name);
    await raw.put('trips', { trip: 'odd', archived: false, revision: 1 }, DEMO_TRIP.id);
    expect(await db.save([write('mine', 0)], [], [DEMO_TRIP.id])).toEqual([]);
    const { trips, aside } = await db.load();
    expect([trips.map((t) => t.trip.name), aside.map((a) => a.value)]).toEqual([['mine'], [{ trip: 'odd', archived: false, revision: 1 }]]);
  });

  it('does not hold the rest up: rack and units go aside by themselves', async () => {
    const name = fresh();
    const db = await WorkspaceDb.open(quiet, name);
    await db.save([write('mine', 0)], [], [DEMO_TRIP.id]);
    const raw = await openDB(name);
    await raw.put('settings', { pieces: 'odd' }, 'rack');
    await raw.put('settings', 'odd', 'preferences');
    const loaded = await db.load();
    expect(loaded.trips).toHaveLength(1);
    expect(loaded.aside.map((a) => a.kind)).toEqual(['rack', 'preferences']);
    await db.saveRack(PLAIN_RACK, DEMO_RACK);
    expect((await db.load()).rack).toEqual(DEMO_RACK);
  });

  it('of two trips under one id, only the one under its own key is a trip', async () => {
    const name = fresh();
    const db = await WorkspaceDb.open(quiet, name);
    await db.save([write('mine', 0)], [], [DEMO_TRIP.id]);
    const raw = await openDB(name);
    await raw.put('trips', { trip: DEMO_TRIP, archived: false, revision: 1 }, 'twin');
    const { trips, aside } = await db.load();
    expect([trips.map((t) => t.trip.name), aside.map((a) => a.id)]).toEqual([['mine'], ['twin']]);
  });

  it('comes back when it can be read after all, and goes when it is taken away on purpose', async () => {
    const name = fresh();
    const db = await WorkspaceDb.open(quiet, name);
    const raw = await openDB(name);
    const good = { trip: DEMO_TRIP, archived: false, revision: 4 };
    await raw.put('aside', { kind: 'trip', id: DEMO_TRIP.id, value: { ...good, trip: 'odd' }, problem: 'odd' });
    await raw.put('aside', { kind: 'trip', id: DEMO_TRIP.id, value: good, problem: 'was too new' });
    await raw.put('aside', { kind: 'rack', id: 'rack', value: DEMO_RACK, problem: 'was too new' });
    expect([await db.tryAside(1), await db.tryAside(2), await db.tryAside(3), await db.tryAside(99)]).toEqual([false, true, true, false]);
    const { trips, rack, aside } = await db.load();
    expect([trips[0].revision, rack, aside.map((a) => a.key)]).toEqual([4, DEMO_RACK, [1]]);
    await db.removeAside(1);
    expect((await db.load()).aside).toEqual([]);
  });
});

describe('a database of an older version', () => {
  const v1Trip = {
    id: 'old',
    name: 'Old Walk',
    leg: { from: 'A', to: 'B', dayCount: 4, shape: [] },
    conditions: { supperAirC: 8, breakfastAirC: 2, altitudeM: 2100, waterC: 7, wind: { kind: 'words', word: 'blown' } },
    kit: DEMO_TRIP.kit,
    menu: DEMO_TRIP.menu,
    reservePercent: 15,
  };
  const version1 = async (name: string, current: unknown) => {
    const db = await openDB(name, 1, { upgrade: (old) => void old.createObjectStore('workspace') });
    await db.put('workspace', current, 'current');
    db.close();
  };
  const version2 = async (name: string, fill: (put: (store: string, value: unknown, key: string) => Promise<unknown>) => Promise<void>) => {
    const db = await openDB(name, 2, {
      upgrade: (old) => ['workspace', 'trips', 'settings'].forEach((store) => old.createObjectStore(store)),
    });
    await fill((store, value, key) => db.put(store, value, key));
    db.close();
  };
  const loaded = async (name: string) => (await WorkspaceDb.open(quiet, name)).load();

  it('3, as 0.1.0 left it: all of it comes over, to the last value', async () => {
    const name = fresh();
    const text = readFileSync(join(__dirname, '../../../../core/test/fixtures/database-of-0.1.0.json'), 'utf8');
    const { stores } = (JSON.parse(text) as { database: { stores: Record<string, { entries: [string, unknown][] }> } }).database;
    const raw = await openDB(name, 3, {
      upgrade: (db) => Object.keys(stores).forEach((store) => db.createObjectStore(store, { autoIncrement: store === 'aside' })),
    });
    for (const [store, { entries }] of Object.entries(stores)) for (const [key, value] of entries) await raw.put(store, value, key);
    raw.close();
    const { trips, rack, preferences, lastOpen, lastBackup, aside } = await loaded(name);
    const setting = (key: string) => stores['settings'].entries.find(([k]) => k === key)?.[1];
    expect(aside).toEqual([]);
    expect(trips.map((t) => t.trip.id)).toEqual(setting('order'));
    for (const { trip, archived, revision } of trips)
      expect({ trip, archived, revision }).toEqual(stores['trips'].entries.find(([id]) => id === trip.id)?.[1]);
    expect({ rack, preferences, lastOpen, lastBackup }).toEqual({
      rack: setting('rack'),
      preferences: setting('preferences'),
      lastOpen: setting('lastOpen'),
      lastBackup: setting('lastBackup'),
    });
  });

  it('1: its one trip is the library, day by day', async () => {
    const name = fresh();
    await version1(name, { trip: v1Trip, preferences: { theme: 'day', units } });
    const { trips, preferences, aside } = await loaded(name);
    expect(trips).toMatchObject([{ trip: { name: 'Old Walk' }, revision: 1 }]);
    expect(trips[0].trip.legs[0].days).toHaveLength(4);
    expect([preferences?.theme, aside]).toEqual(['day', []]);
  });

  it('1: what cannot be read of it is kept aside', async () => {
    const name = fresh();
    await version1(name, { trip: 'odd' });
    expect((await loaded(name)).aside).toMatchObject([{ kind: 'trip', id: 'current', value: { trip: 'odd' } }]);
  });

  it('2: trips with pinned canisters, rack, units and order come over, what was aside stays aside', async () => {
    const name = fresh();
    const text = readFileSync(join(__dirname, '../../../../core/test/fixtures/backup-v2.json'), 'utf8');
    const backup = JSON.parse(text) as { trips: { trip: unknown }[]; rack: unknown; preferences: unknown };
    await version2(name, async (put) => {
      await put('trips', { ...backup.trips[0], revision: 7 }, 'vesper-divide');
      await put('trips', { trip: { ...DEMO_TRIP, id: 'second' }, archived: true, revision: 2 }, 'second');
      await put('settings', ['second', 'vesper-divide'], 'order');
      await put('settings', backup.rack, 'rack');
      await put('settings', backup.preferences, 'preferences');
      await put('settings', { pieces: 'odd' }, 'rackAside');
    });
    const { trips, rack, preferences, aside } = await loaded(name);
    expect(trips.map((t) => [t.trip.id, t.revision, t.archived])).toEqual([
      ['second', 2, true],
      ['vesper-divide', 7, false],
    ]);
    expect(trips[1].trip.stops[0].pinned).toEqual({ kind: 'cans', counts: { 'can-100': 2, 'can-450': 1 } });
    expect(rack?.kits.map((k) => k.id)).toEqual(DEMO_RACK.kits.map((k) => k.id));
    expect([rack?.pieces.length, preferences?.theme]).toEqual([DEMO_RACK.pieces.length, 'headlamp']);
    expect(aside).toMatchObject([{ kind: 'rack', value: { pieces: 'odd' } }]);
  });

  it('is told to let go, and the newer one that it blocks', async () => {
    const name = fresh();
    const told: string[] = [];
    const tell = (what: string) => () => void told.push(what);
    const db = await WorkspaceDb.open({ ...quiet, blocking: tell('blocking') }, name);
    const newer = openDB(name, 99, { blocked: tell('blocked') });
    await until(() => told.length === 2, 'both tabs to be told');
    expect(told).toEqual(['blocking', 'blocked']);
    db.close();
    (await newer).close();
    await expect(WorkspaceDb.open(quiet, name)).rejects.toMatchObject({ name: 'VersionError' });
  });
});
