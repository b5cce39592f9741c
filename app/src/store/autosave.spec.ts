import { addRackKit, editPiece, removeRackKit } from '@tinder/core/domain/kit';
import { addDishes } from '@tinder/core/domain/menu';
import { paintDays, stretchLeg } from '@tinder/core/domain/trail';
import { DEMO_TRIP } from '@tinder/core/demo';
import { TestBed } from '@angular/core/testing';
import { WorkspaceDb } from '../platform/database/workspace-db';
import { QuietChannel } from '../testing/quiet-channel';
import { until } from '../testing/until';
import type { Trip } from '@tinder/core/domain/model';
import {
  autosave,
  days,
  edit,
  inATab,
  isSaved,
  open,
  otherTab,
  rename,
  saved,
  savedAs,
  savedTrip,
  store,
  tell,
} from '../testing/saving-tab';
import { withNewTrips, withoutTrip, withTrip } from './workspace';

inATab();

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
      store.editRack('weight', (r) => editPiece(r, 'small-gas-stove', { massG }));
      TestBed.tick();
    };
    const burnerG = () => store.rack().pieces.find((p) => p.id === 'small-gas-stove')?.massG;
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
