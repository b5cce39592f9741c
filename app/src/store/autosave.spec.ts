import { TestBed } from '@angular/core/testing';
import { DEMO_TRIP } from '@tinder/core/demo';
import { addRackKit, editPiece, removeRackKit } from '@tinder/core/kit';
import type { Trip } from '@tinder/core/model';
import { addDishes } from '@tinder/core/menu';
import { paintDays, stretchLeg } from '@tinder/core/trail';
import { WorkspaceDb } from '../platform/database/workspace-db';
import { QuietChannel } from '../testing/quiet-channel';
import { until } from '../testing/until';
import { Autosave } from './autosave';
import { provideStore } from './provide-store';
import type { TabNews } from './tab-news';
import { withNewTrips, withoutTrip, withTrip } from './workspace';
import { WorkspaceStore } from './workspace-store';

const quiet = { blocked: () => undefined, blocking: () => undefined, terminated: () => undefined };
const open = () => WorkspaceDb.open(quiet);
let store: WorkspaceStore;
let autosave: Autosave;

const edit = (label: string, change: (t: Trip) => Trip) => {
  store.editTrip(label, change);
  TestBed.tick();
};
const days = (n: number) => edit('days', (t) => stretchLeg(t, 0, n));
const rename = (name: string) => edit('name', (t) => ({ ...t, name }));
const saved = async () => (await (await open()).load()).trips;
const savedTrip = async (id: string) => (await saved()).find((t) => t.trip.id === id)?.trip;
const isSaved = () => until(() => autosave.state() === 'saved', 'the save');
const savedAs = (holds: (t: Trip) => boolean) =>
  until(async () => {
    const trip = await savedTrip(store.trip().id);
    return trip !== undefined && holds(trip);
  }, 'what was edited to be saved');
/** What another tab would do: take the trip as saved and save it changed; its news is heard or not. */
const otherTab = async (change: (t: Trip) => Trip, heard = true) => {
  const db = await open();
  const [theirs] = (await db.load()).trips.filter((t) => t.trip.id === store.trip().id);
  await db.save([{ trip: change(theirs.trip), archived: theirs.archived, expected: theirs.revision }], [], [theirs.trip.id]);
  if (heard) tell({ trips: [{ id: theirs.trip.id, revision: theirs.revision + 1 }] });
  return db;
};
const tell = (news: Partial<TabNews>) =>
  QuietChannel.last.dispatchEvent(
    new MessageEvent('message', { data: { trips: [], removed: [], rack: false, preferences: false, ...news } }),
  );

beforeEach(async () => {
  indexedDB = new IDBFactory();
  sessionStorage.clear();
  store = TestBed.inject(WorkspaceStore);
  autosave = TestBed.inject(Autosave);
  await autosave.start();
  await autosave.settled();
});
afterEach(() => {
  jest.restoreAllMocks();
  localStorage.clear();
});

describe('autosave', () => {
  it('writes an edit soon after it was made and tells the other tabs which trip, at which revision', async () => {
    days(12);
    expect(autosave.state()).toBe('saving');
    await isSaved();
    expect(QuietChannel.last.sent).toEqual([{ trips: [{ id: DEMO_TRIP.id, revision: 1 }], removed: [], rack: true, preferences: false }]);
    expect((await savedTrip(DEMO_TRIP.id))?.legs[0].days).toHaveLength(12);
  });

  it('writes within a second even while edits keep coming', async () => {
    let n = 0;
    const typing = setInterval(() => rename(`typed ${++n}`), 100); // never a quarter of a second without one
    await savedAs((t) => t.name.startsWith('typed'));
    clearInterval(typing);
    expect(n).toBeLessThan(200);
    await isSaved();
    expect((await savedTrip(DEMO_TRIP.id))?.name).toBe(`typed ${n}`);
  });

  it('keeps the rack, merges another tab’s, and follows one changed there', async () => {
    const weigh = (massG: number) => {
      store.editRack('weight', (r) => editPiece(r, 'small-gas-burner', { massG }));
      TestBed.tick();
    };
    const burnerG = () => store.rack().pieces.find((p) => p.id === 'small-gas-burner')?.massG;
    weigh(70);
    await isSaved();
    const db = await open();
    const theirs = (await db.load()).rack;
    if (!theirs) throw new Error('no rack was saved');
    await db.saveRack(theirs, addRackKit(theirs, 'theirs'));
    weigh(71);
    await until(() => store.rack().kits.at(-1)?.id === 'theirs', 'the other tab’s kit');
    await isSaved();
    expect(burnerG()).toBe(71);
    expect(await db.rack()).toEqual(store.rack());
    await db.saveRack(store.rack(), removeRackKit(store.rack(), 'theirs'));
    tell({ rack: true });
    await until(() => store.rack().kits.at(-1)?.id !== 'theirs', 'the other tab’s removal');
  });

  it('follows another tab, keeps its own state one undo away, and does not echo', async () => {
    rename('This Tab');
    await isSaved();
    const sent = QuietChannel.last.sent.length;
    await otherTab((t) => ({ ...t, name: 'Other Tab' }));
    await until(() => store.trip().name === 'Other Tab', 'the other tab’s name');
    expect(QuietChannel.last.sent).toHaveLength(sent);
    store.undo();
    expect(store.trip().name).toBe('This Tab');
  });

  it('reads only what another tab says it has changed', async () => {
    rename('This Tab');
    await isSaved();
    const load = jest.spyOn(WorkspaceDb.prototype, 'load');
    const trips = jest.spyOn(WorkspaceDb.prototype, 'trips');
    tell({ trips: [{ id: DEMO_TRIP.id, revision: 1 }] }); // what this tab has saved itself
    QuietChannel.last.dispatchEvent(new MessageEvent('message', { data: 'saved' })); // an older version of the app
    tell({ trips: [{ id: 'new', revision: 1 }] });
    await until(() => trips.mock.calls.length > 0, 'the new trip to be looked for');
    expect([load.mock.calls.length, trips.mock.calls]).toEqual([0, [[['new']]]]);
  });

  it('undo here never takes back what another tab did to another trip', async () => {
    const second = { ...store.trip(), id: 'second', name: 'Second' };
    const first = store.trip().id;
    store.edit('new trip', (w) => ({ ...withNewTrips(w, [{ trip: second, archived: false }]), openId: first }));
    TestBed.tick();
    days(9);
    await isSaved();
    const db = await open();
    const changed = { ...second, name: 'Second, changed there' };
    await db.save([{ trip: changed, archived: false, expected: 1 }], [], [first, 'second']);
    tell({ trips: [{ id: 'second', revision: 2 }] });
    await until(() => store.workspace().library[1].trip.name === changed.name, 'the other tab’s change');
    store.undo();
    TestBed.tick();
    await isSaved();
    expect((await savedTrip('second'))?.name).toBe(changed.name);
    store.edit('delete', (w) => withoutTrip(w, 'second'));
    TestBed.tick();
    await isSaved();
    expect((await saved()).map((t) => t.trip.id)).not.toContain('second');
  });

  it('lets a trip go that was deleted in another tab, unless it is looked at', async () => {
    store.edit('new trip', (w) => ({
      ...withNewTrips(w, [{ trip: { ...DEMO_TRIP, id: 'second' }, archived: false }]),
      openId: DEMO_TRIP.id,
    }));
    TestBed.tick();
    await isSaved();
    tell({ removed: ['second', DEMO_TRIP.id] });
    await until(() => store.workspace().library.length === 1, 'the deleted trip to go');
    expect(store.trip().id).toBe(DEMO_TRIP.id);
  });

  it('follows the theme of another tab, tells of its own, and undo here does not take theirs back', async () => {
    rename('Mine');
    await isSaved();
    const db = await open();
    await db.savePreferences({ ...store.preferences(), theme: 'headlamp' });
    tell({ preferences: true });
    await until(() => store.preferences().theme === 'headlamp', 'the other tab’s theme');
    store.undo();
    TestBed.tick();
    expect(store.preferences().theme).toBe('headlamp');
    store.editPreferences('theme', { theme: 'day' });
    TestBed.tick();
    await until(async () => (await db.preferences())?.theme === 'day', 'the theme to be saved');
    expect(QuietChannel.last.sent.at(-1)).toMatchObject({ preferences: true });
  });
});

describe('two tabs that edit at the same moment', () => {
  const dish = (name: string) => (t: Trip) => addDishes(t, [{ ...t.menu.supper, name }], () => name);

  it.each([
    ['name and days', (t: Trip) => ({ ...t, name: 'Elsewhere' }), (t: Trip) => stretchLeg(t, 0, 7)],
    ['a dish each', dish('theirs'), dish('mine')],
    ['air there, days here', (t: Trip) => paintDays(t, 2, 2, { supperAirC: -9 }), (t: Trip) => stretchLeg(t, 0, 8)],
    ['days there, air here', (t: Trip) => stretchLeg(t, 0, 8), (t: Trip) => paintDays(t, 2, 2, { supperAirC: -9 })],
  ])('keep both: %s', async (_what, there, here) => {
    rename('Start');
    await isSaved();
    const both = here(there(store.trip()));
    await otherTab(there, false);
    edit('here', here); // before the other tab's word arrives
    const holds = (t: Trip) =>
      t.name === both.name &&
      t.legs[0].days.length === both.legs[0].days.length &&
      t.legs[0].days[1].supperAirC === both.legs[0].days[1].supperAirC &&
      t.dishes.length === both.dishes.length;
    await until(() => holds(store.trip()), 'both edits here');
    await savedAs(holds);
    expect(autosave.clash()).toBeUndefined();
  });

  it('keep mine where both changed the same thing, say so, and offer theirs', async () => {
    rename('Start');
    await isSaved();
    await otherTab((t) => ({ ...t, name: 'Theirs' }), false);
    rename('Mine');
    await until(() => autosave.clash() !== undefined, 'the clash to be told');
    expect(store.trip().name).toBe('Mine');
    autosave.takeTheirs();
    TestBed.tick();
    expect([store.trip().name, autosave.clash()]).toEqual(['Theirs', undefined]);
    await savedAs((t) => t.name === 'Theirs');
    store.undo();
    expect(store.trip().name).toBe('Mine');
  });
});

describe('what goes wrong', () => {
  const failOnce = (name: string) => jest.spyOn(WorkspaceDb.prototype, 'save').mockRejectedValueOnce(new DOMException('for once', name));

  it.each([
    ['QuotaExceededError', /no room left.*tried again in 1 s/],
    ['InvalidStateError', /closed its storage.*tried again/],
    ['AbortError', /could not be saved \(for once\).*tried again/],
  ])('is told plainly and tried again: %s', async (name, words) => {
    const save = failOnce(name);
    days(3);
    await until(() => autosave.state() === 'failed', 'the failure');
    expect(autosave.problem()).toMatch(words);
    await isSaved(); // without another edit
    expect(save).toHaveBeenCalledTimes(2);
    expect(autosave.problem()).toBeUndefined();
  });

  it('ends nothing: one failed look at another tab, and saving goes on', async () => {
    rename('Mine');
    await isSaved();
    jest.spyOn(WorkspaceDb.prototype, 'trips').mockRejectedValueOnce(new Error('for once'));
    tell({ trips: [{ id: 'other', revision: 3 }] });
    await until(() => autosave.state() === 'failed', 'the failure');
    days(4);
    await isSaved();
    expect((await savedTrip(DEMO_TRIP.id))?.legs[0].days).toHaveLength(4);
  });

  it('keeps what cannot be saved out of the database, and names the place', async () => {
    rename('Mine');
    await isSaved();
    const good = store.workspace();
    const odd = { ...store.trip(), reservePercent: Number.NaN };
    store.start(withTrip(good, odd.id, (s) => ({ ...s, trip: odd }))); // no edit can make it
    TestBed.tick();
    await until(() => autosave.state() === 'failed', 'the refusal');
    expect(autosave.problem()).toMatch(/^Mine cannot be saved as it is \(reservePercent is no number.*Undo the last change/);
    store.start(good);
    TestBed.tick();
    await isSaved();
    expect(autosave.problem()).toBeUndefined();
  });
});

describe('a start', () => {
  /** The same browser after a reload. */
  const reload = (): Promise<void> => {
    TestBed.resetTestingModule();
    TestBed.configureTestingModule({ providers: [provideStore()] });
    store = TestBed.inject(WorkspaceStore);
    autosave = TestBed.inject(Autosave);
    return autosave.start();
  };

  /** The page dies in the middle of a save. */
  const die = async (): Promise<void> => {
    const save = jest.spyOn(WorkspaceDb.prototype, 'save').mockReturnValue(new Promise(() => undefined));
    dispatchEvent(new Event('pagehide'));
    await until(() => save.mock.calls.length > 0, 'the save that comes too late');
    jest.restoreAllMocks();
  };
  const unwritten = () => localStorage.getItem('unwritten');

  it('takes in what a page that was left at once had no time to write, as a step that can be undone', async () => {
    rename('Saved');
    await isSaved();
    expect(unwritten()).toBeNull();
    rename('Left At Once');
    store.editRack('weight', (r) => editPiece(r, 'small-gas-burner', { massG: 77 }));
    store.editPreferences('theme', { theme: 'headlamp' });
    await die();
    expect(unwritten()).not.toBeNull();
    await reload();
    const held = () => [store.trip().name, store.rack().pieces.find((p) => p.id === 'small-gas-burner')?.massG, store.preferences().theme];
    expect(held()).toEqual(['Left At Once', 77, 'headlamp']);
    TestBed.tick();
    await isSaved();
    expect([(await savedTrip(DEMO_TRIP.id))?.name, unwritten()]).toEqual(['Left At Once', null]);
    store.undo();
    expect(store.trip().name).toBe('Saved');
  });

  it('merges what was left unwritten with what another tab has saved since, and keeps a trip that was never written', async () => {
    rename('Start');
    await isSaved();
    days(9);
    store.edit('new trip', (w) => ({
      ...withNewTrips(w, [{ trip: { ...DEMO_TRIP, id: 'second' }, archived: false }]),
      openId: DEMO_TRIP.id,
    }));
    await die();
    await otherTab((t) => ({ ...t, name: 'Elsewhere' }), false);
    await reload();
    expect([store.trip().name, store.trip().legs[0].days.length]).toEqual(['Elsewhere', 9]);
    expect(store.workspace().library.map((s) => s.trip.id)).toEqual([DEMO_TRIP.id, 'second']);
  });

  it('minds nothing in local storage that is no edit', async () => {
    localStorage.setItem('unwritten', '{"tab":"x","trips":[{"mine":{}}]}');
    await reload();
    expect(store.trip()).toEqual(DEMO_TRIP);
  });

  it('keeps a trip aside that cannot be read, and an edit writes nothing over it', async () => {
    days(8);
    await isSaved();
    const raw = await (await import('idb')).openDB('restless-tinder');
    const stored = (await raw.get('trips', DEMO_TRIP.id)) as { trip: object };
    const odd = { ...stored, trip: { ...stored.trip, reservePercent: 'NaN' } };
    await raw.put('trips', odd, DEMO_TRIP.id);
    await reload();
    expect(autosave.problem()).toMatch(/Something saved could not be read.*kept aside untouched/);
    days(3);
    await isSaved();
    expect(await raw.getAll('aside')).toMatchObject([{ kind: 'trip', value: odd }]);
    expect(autosave.aside()[0].problem).toMatchObject({ path: 'trip.reservePercent', code: 'wrongKind', found: 'string' });
    const { key } = autosave.aside()[0];
    expect(await autosave.tryAside(key)).toBe(false);
    await autosave.removeAside(key);
    expect([autosave.aside(), await raw.getAll('aside')]).toEqual([[], []]);
  });

  it('shows units at once that are put back', async () => {
    const raw = await (await import('idb')).openDB('restless-tinder');
    const mended = { ...store.preferences(), theme: 'headlamp' };
    await raw.put('aside', { kind: 'preferences', id: 'preferences', value: mended, problem: 'theme: once unknown' });
    await reload();
    expect(store.preferences().theme).toBe('day');
    expect(await autosave.tryAside(autosave.aside()[0].key)).toBe(true);
    expect([store.preferences(), autosave.aside()]).toEqual([mended, []]);
  });

  it('that could not read what is there writes nothing over it', async () => {
    rename('Real');
    await isSaved();
    jest.spyOn(WorkspaceDb.prototype, 'load').mockRejectedValueOnce(new Error('for once'));
    await reload();
    expect(autosave.state()).toBe('failed');
    rename('Demo');
    await autosave.settled();
    expect((await savedTrip(DEMO_TRIP.id))?.name).toBe('Real');
  });

  it('goes on where the tab may not remember anything', async () => {
    jest.spyOn(Storage.prototype, 'getItem').mockImplementation(() => {
      throw new DOMException('denied', 'SecurityError');
    });
    jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('denied', 'SecurityError');
    });
    rename('Real');
    await isSaved();
    await reload();
    expect([store.trip().name, autosave.state()]).toEqual(['Real', 'saved']);
  });

  it('under a newer version says so, and a browser without storage as well', async () => {
    const newer = await (await import('idb')).openDB('newer', 1);
    newer.close();
    jest.spyOn(WorkspaceDb, 'open').mockRejectedValueOnce(new DOMException('newer', 'VersionError'));
    await reload();
    await autosave.settled();
    expect(autosave.problem()).toMatch(/A newer Restless Tinder has been here/);
    const { indexedDB: whole } = globalThis;
    Object.assign(globalThis, { indexedDB: undefined });
    await reload();
    Object.assign(globalThis, { indexedDB: whole });
    expect(autosave.problem()).toMatch(/does not let the page store anything/);
    rename('Mine');
    await autosave.settled();
    expect(autosave.state()).toBe('failed');
  });

  it('waits for another tab that holds an older version, says so, and goes on when it is closed', async () => {
    indexedDB = new IDBFactory();
    const { openDB } = await import('idb');
    const older = await openDB('restless-tinder', 2, {
      upgrade: (db) => ['workspace', 'trips', 'settings'].forEach((name) => db.createObjectStore(name)),
    });
    const reloaded = reload();
    await until(() => autosave.problem() !== undefined, 'the notice');
    expect([autosave.problem(), autosave.state(), store.loaded()]).toEqual([
      'Another tab holds an older Restless Tinder open. Close it: this one then goes on by itself.',
      'reading',
      false,
    ]);
    older.close();
    await reloaded;
    expect([autosave.problem(), autosave.state()]).toEqual([undefined, 'saved']);
  });

  it('waits for nothing where nothing is saved: what is edited before saving is ready is saved, and what another tab saved is kept', async () => {
    indexedDB = new IDBFactory();
    await reload();
    expect([store.loaded(), autosave.state()]).toEqual([true, 'saved']);
    days(9);
    expect(autosave.state()).toBe('saving');
    const db = await open(); // another first visit, quicker than this one
    await db.save([{ trip: { ...DEMO_TRIP, name: 'Elsewhere' }, archived: false, expected: 0 }], [], [DEMO_TRIP.id]);
    await isSaved();
    expect(await savedTrip(DEMO_TRIP.id)).toMatchObject({ name: 'Elsewhere' });
    expect((await savedTrip(DEMO_TRIP.id))?.legs[0].days).toHaveLength(9);
  });

  it('tells of a fault that is met after the page has begun, and tries again', async () => {
    indexedDB = new IDBFactory();
    jest.spyOn(WorkspaceDb, 'open').mockRejectedValueOnce(new Error('for once'));
    await reload();
    expect(store.loaded()).toBe(true);
    await until(() => autosave.state() === 'failed', 'the fault');
    expect(autosave.problem()).toMatch(/for once.*tried again in 1 s/);
    await isSaved();
    rename('After It');
    await isSaved();
    expect((await savedTrip(DEMO_TRIP.id))?.name).toBe('After It');
  });

  it('opens the database once, where looking at what is in it fails for once', async () => {
    indexedDB = new IDBFactory();
    const opened = jest.spyOn(WorkspaceDb, 'open');
    jest.spyOn(WorkspaceDb.prototype, 'load').mockRejectedValueOnce(new Error('for once'));
    await reload();
    days(9);
    await until(() => autosave.state() === 'failed', 'the fault');
    await isSaved();
    expect(opened).toHaveBeenCalledTimes(1);
    expect((await savedTrip(DEMO_TRIP.id))?.legs[0].days).toHaveLength(9);
  });

  it('hands over to a newer version in another tab once everything is written', async () => {
    rename('Last Words');
    const newer = (await import('idb')).openDB('restless-tinder', 99);
    await until(() => autosave.state() === 'failed', 'the tab to let go');
    expect(autosave.problem()).toMatch(/newer Restless Tinder is open in another tab/);
    expect((await (await newer).get('trips', DEMO_TRIP.id)) as unknown).toMatchObject({ trip: { name: 'Last Words' } });
    (await newer).close();
  });
});
