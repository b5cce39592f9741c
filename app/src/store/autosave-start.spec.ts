import { editPiece } from '@tinder/core/domain/kit';
import { DEMO_TRIP } from '@tinder/core/demo';
import { TestBed } from '@angular/core/testing';
import { WorkspaceDb } from '../platform/database/workspace-db';
import { until } from '../testing/until';
import { autosave, days, inATab, isSaved, open, otherTab, reload, rename, savedTrip, store } from '../testing/saving-tab';
import { withNewTrips } from './workspace';

inATab();

describe('a start', () => {
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
    store.editRack('weight', (r) => editPiece(r, 'small-gas-stove', { massG: 77 }));
    store.editPreferences('theme', { theme: 'headlamp' });
    await die();
    expect(unwritten()).not.toBeNull();
    await reload();
    const held = () => [store.trip().name, store.rack().pieces.find((p) => p.id === 'small-gas-stove')?.massG, store.preferences().theme];
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

  it('of two first visits at once keeps what either has edited', async () => {
    indexedDB = new IDBFactory();
    await reload();
    expect([store.loaded(), autosave.state(), autosave.firstVisit()]).toEqual([true, 'saved', true]);
    days(9);
    expect(autosave.state()).toBe('saving');
    const db = await open(); // another first visit, quicker than this one
    await db.save([{ trip: { ...DEMO_TRIP, name: 'Elsewhere' }, archived: false, expected: 0 }], [], [DEMO_TRIP.id]);
    await isSaved();
    expect(await savedTrip(DEMO_TRIP.id)).toMatchObject({ name: 'Elsewhere' });
    expect((await savedTrip(DEMO_TRIP.id))?.legs[0].days).toHaveLength(9);
  });

  it('has opened the database and read it before anything can be edited', async () => {
    const loads = jest.spyOn(WorkspaceDb.prototype, 'load');
    indexedDB = new IDBFactory();
    const reloaded = reload();
    expect([store.loaded(), loads.mock.calls.length]).toEqual([false, 0]);
    await reloaded;
    expect([store.loaded(), loads.mock.calls.length]).toEqual([true, 1]);
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
