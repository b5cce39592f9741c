import { TestBed } from '@angular/core/testing';
import { addRackKit, editPiece, removeRackKit, stretchLeg } from '@tinder/core';
import { QuietChannel } from '../testing/quiet-channel';
import { Autosave } from './autosave';
import { withNewTrips, withoutTrip } from './workspace';
import { WorkspaceDb } from './workspace-db';
import { WorkspaceStore } from './workspace-store';

const quiet = { blocked: () => undefined, terminated: () => undefined };
const wait = (ms: number) => new Promise((r) => setTimeout(r, ms));

describe('autosave', () => {
  let store: WorkspaceStore;
  let autosave: Autosave;
  const edit = (days: number) => {
    store.editTrip('days', (t) => stretchLeg(t, 0, days));
    TestBed.tick();
  };
  const rename = (name: string) => {
    store.editTrip('name', (t) => ({ ...t, name }));
    TestBed.tick();
  };
  const saved = async () => (await (await WorkspaceDb.open(quiet)).load()).trips;
  const tell = async () => {
    QuietChannel.last.dispatchEvent(new Event('message'));
    await wait(100);
    TestBed.tick();
    await settle();
  };
  /** Past the quarter of a second that saving waits, and until it has ended, however busy the machine is. */
  const settle = async () => {
    await wait(300);
    for (let i = 0; i < 60 && autosave.state() === 'saving'; i++) await wait(50);
    TestBed.tick();
  };
  /** What another tab would do: take the trip as saved and save it changed. */
  const otherTab = async (name: string) => {
    const db = await WorkspaceDb.open(quiet);
    const [mine] = (await db.load()).trips.filter((t) => t.trip.id === store.trip().id);
    await db.save([{ trip: { ...mine.trip, name }, archived: mine.archived, expected: mine.revision }], [], [mine.trip.id]);
  };
  beforeEach(async () => {
    store = TestBed.inject(WorkspaceStore);
    autosave = TestBed.inject(Autosave);
    await autosave.start();
  });
  afterEach(() => jest.restoreAllMocks());

  it('writes an edit soon after it was made and tells the other tabs', async () => {
    edit(12);
    expect(autosave.state()).toBe('saving');
    await settle();
    expect(autosave.state()).toBe('saved');
    expect(QuietChannel.last.sent).toEqual(['saved']);
    expect((await saved())[0].trip.legs[0].days).toHaveLength(12);
  });

  it('keeps the rack, merges another tab’s, and follows one changed there', async () => {
    const weigh = (massG: number) => store.editRack('weight', (r) => editPiece(r, 'small-gas-burner', { massG }));
    weigh(70);
    TestBed.tick();
    await settle();
    const db = await WorkspaceDb.open(quiet);
    const theirs = (await db.load()).rack;
    if (!theirs) throw new Error('no rack was saved');
    await db.saveRack(theirs, addRackKit(theirs, 'theirs'));
    weigh(71);
    TestBed.tick();
    await settle();
    await settle();
    const both = store.rack();
    expect(both.kits.at(-1)?.id).toBe('theirs');
    expect(both.pieces.find((p) => p.id === 'small-gas-burner')?.massG).toBe(71);
    const stored = (await db.load()).rack;
    expect(stored).toEqual(both);
    await db.saveRack(both, removeRackKit(both, 'theirs'));
    await tell();
    expect(store.rack().kits.at(-1)?.id).not.toBe('theirs');
  });

  it('follows another tab, keeps its own state one undo away, and does not echo', async () => {
    rename('This Tab');
    await settle();
    await otherTab('Other Tab');
    const sentBefore = QuietChannel.last.sent.length;
    await tell();
    expect(store.trip().name).toBe('Other Tab');
    expect(QuietChannel.last.sent).toHaveLength(sentBefore);
    store.undo();
    expect(store.trip().name).toBe('This Tab');
  });

  it('loses neither of two edits made at the same moment in two tabs', async () => {
    edit(4);
    await settle();
    await otherTab('Named Elsewhere');
    edit(7); // before the other tab's word arrives
    await settle();
    TestBed.tick();
    await settle();
    expect([store.trip().name, store.trip().legs[0].days.length]).toEqual(['Named Elsewhere', 7]);
    const stored = (await saved()).find((t) => t.trip.id === store.trip().id);
    expect([stored?.trip.name, stored?.trip.legs[0].days.length]).toEqual(['Named Elsewhere', 7]);
  });

  it('undo here never takes back what another tab did to another trip', async () => {
    const second = { ...store.trip(), id: 'second', name: 'Second' };
    const first = store.trip().id;
    store.edit('new trip', (w) => ({ ...withNewTrips(w, [{ trip: second, archived: false }]), openId: first }));
    TestBed.tick();
    await settle();
    edit(9);
    await settle();
    const db = await WorkspaceDb.open(quiet);
    const theirs = (await db.load()).trips.find((t) => t.trip.id === 'second');
    if (!theirs) throw new Error('not saved');
    await db.save(
      [{ trip: { ...theirs.trip, name: 'Second, changed there' }, archived: false, expected: theirs.revision }],
      [],
      [first, 'second'],
    );
    await tell();
    store.undo();
    TestBed.tick();
    await settle();
    expect((await saved()).find((t) => t.trip.id === 'second')?.trip.name).toBe('Second, changed there');
    store.edit('delete', (w) => withoutTrip(w, 'second'));
    TestBed.tick();
    await settle();
    expect((await saved()).map((t) => t.trip.id)).not.toContain('second');
  });

  it('follows the theme of another tab, tells of its own, and undo here does not take theirs back', async () => {
    rename('Mine');
    await settle();
    const db = await WorkspaceDb.open(quiet);
    await db.setting('preferences', { ...store.preferences(), theme: 'headlamp' });
    await tell();
    expect(store.preferences().theme).toBe('headlamp');
    store.undo();
    TestBed.tick();
    expect(store.preferences().theme).toBe('headlamp');
    await settle();
    const before = QuietChannel.last.sent.length;
    store.editPreferences('theme', { theme: 'day' });
    TestBed.tick();
    await settle();
    expect(QuietChannel.last.sent).toHaveLength(before + 1);
    expect((await db.load()).preferences?.theme).toBe('day');
  });

  it('says plainly that there is no room, and saves again with the next edit', async () => {
    const save = jest.spyOn(WorkspaceDb.prototype, 'save').mockRejectedValueOnce(new DOMException('full', 'QuotaExceededError'));
    edit(3);
    await settle();
    expect(autosave.state()).toBe('failed');
    expect(autosave.problem()).toMatch(/no room left.*Export the trip/);
    edit(4);
    await settle();
    expect(save).toHaveBeenCalledTimes(2);
    expect(autosave.state()).toBe('saved');
    expect(autosave.problem()).toBeUndefined();
  });
});
