import { DEMO_RACK, DEMO_TRIP, EMPTY_RACK, METRIC } from '@tinder/core';
import { openDB } from 'idb';
import { WorkspaceDb } from './workspace-db';

const quiet = { blocked: () => undefined, terminated: () => undefined };
let n = 0;
const write = (name: string, expected: number) => ({ trip: { ...DEMO_TRIP, name }, archived: false, expected });

describe('the saved library', () => {
  it('comes back as it was saved, in another connection', async () => {
    const name = `db-${n++}`;
    const first = await WorkspaceDb.open(quiet, name);
    expect(await first.load()).toEqual({ trips: [], unreadable: 0 });
    expect(await first.save([write('Ember Traverse', 0)], [], [DEMO_TRIP.id])).toEqual([]);
    await first.setting('preferences', { theme: 'headlamp', units: { ...METRIC } });
    first.close();
    const second = await WorkspaceDb.open(quiet, name);
    expect(await second.load()).toMatchObject({
      trips: [{ trip: { name: 'Ember Traverse' }, revision: 1 }],
      preferences: { theme: 'headlamp' },
    });
  });

  it('overwrites nothing that another tab has saved since, and gives it back instead', async () => {
    const db = await WorkspaceDb.open(quiet, `db-${n++}`);
    await db.save([write('first', 0)], [], [DEMO_TRIP.id]);
    await db.save([write('theirs', 1)], [], [DEMO_TRIP.id]);
    expect(await db.save([write('mine', 1)], [], [DEMO_TRIP.id])).toMatchObject([
      { id: DEMO_TRIP.id, trip: { name: 'theirs' }, revision: 2 },
    ]);
    expect((await db.load()).trips[0].trip.name).toBe('theirs');
  });

  it('leaves what it cannot read where it is', async () => {
    const name = `db-${n++}`;
    const db = await WorkspaceDb.open(quiet, name);
    const raw = await openDB(name);
    await raw.put('trips', { trip: 'from some other day', archived: false, revision: 3 }, 'odd');
    expect(await db.load()).toEqual({ trips: [], unreadable: 1 });
    await db.save([write('mine', 0)], [], [DEMO_TRIP.id]);
    expect(await raw.get('trips', 'odd')).toMatchObject({ trip: 'from some other day' });
  });

  it('takes over the one trip that version 1 had saved', async () => {
    const name = `db-${n++}`;
    const old = await openDB(name, 1, { upgrade: (db) => void db.createObjectStore('workspace') });
    const { kit, menu } = DEMO_TRIP;
    const conditions = { supperAirC: 8, breakfastAirC: 2, altitudeM: 2100, waterC: 7, wind: { kind: 'words', word: 'blown' } };
    const trip = {
      id: 'old',
      name: 'Old Walk',
      leg: { from: 'A', to: 'B', dayCount: 4, shape: [] },
      conditions,
      kit,
      menu,
      reservePercent: 15,
    };
    await old.put('workspace', { trip, preferences: { theme: 'day', units: { ...METRIC } } }, 'current');
    old.close();
    const db = await WorkspaceDb.open(quiet, name);
    const loaded = await db.load();
    expect(loaded).toMatchObject({ trips: [{ trip: { name: 'Old Walk' }, revision: 1 }], unreadable: 0 });
    expect(loaded.trips[0].trip.legs[0].days).toHaveLength(4);
  });

  it('keeps the rack as it is saved, and overwrites none that another tab has saved since', async () => {
    const db = await WorkspaceDb.open(quiet, `db-${n++}`);
    expect(await db.saveRack(EMPTY_RACK, DEMO_RACK)).toBeUndefined();
    expect((await db.load()).rack).toEqual(DEMO_RACK);
    const theirs = { ...DEMO_RACK, onlyOwned: true };
    expect(await db.saveRack(DEMO_RACK, theirs)).toBeUndefined();
    const mine = { ...DEMO_RACK, spreadTrips: 3 };
    expect(await db.saveRack(DEMO_RACK, mine)).toEqual(theirs);
    expect((await db.load()).rack).toEqual(theirs);
  });

  it('keeps a rack that it cannot read aside, untouched, while a new one is saved', async () => {
    const name = `db-${n++}`;
    const db = await WorkspaceDb.open(quiet, name);
    const raw = await openDB(name);
    const odd = { pieces: 'from some other day' };
    await raw.put('settings', odd, 'rack');
    expect(await db.load()).toEqual({ trips: [], unreadable: 1 });
    await db.saveRack(EMPTY_RACK, DEMO_RACK);
    expect(await raw.get('settings', 'rackAside')).toEqual(odd);
    expect((await db.load()).rack).toEqual(DEMO_RACK);
  });
});
