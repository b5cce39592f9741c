import { TestBed } from '@angular/core/testing';
import { Autosave } from './autosave';
import { WorkspaceDb } from './workspace-db';
import { WorkspaceStore } from './workspace-store';

/** Stands in for the channel between tabs, which jsdom does not have. */
class QuietChannel extends EventTarget {
  static last: QuietChannel;
  sent: unknown[] = [];
  constructor() {
    super();
    QuietChannel.last = this;
  }
  postMessage(message: unknown): void {
    this.sent.push(message);
  }
}
const quiet = { blocked: () => undefined, terminated: () => undefined };
const wait = (ms: number) => new Promise((r) => setTimeout(r, ms));

describe('autosave', () => {
  let store: WorkspaceStore;
  let autosave: Autosave;
  const edit = (dayCount: number) => {
    store.editTrip('days', (t) => ({ ...t, leg: { ...t.leg, dayCount } }));
    TestBed.tick();
  };
  beforeEach(async () => {
    Object.assign(globalThis, { BroadcastChannel: QuietChannel });
    store = TestBed.inject(WorkspaceStore);
    autosave = TestBed.inject(Autosave);
    await autosave.start();
  });
  afterEach(() => jest.restoreAllMocks());

  it('writes an edit soon after it was made and tells the other tabs', async () => {
    edit(12);
    expect(autosave.state()).toBe('saving');
    await wait(350);
    expect(autosave.state()).toBe('saved');
    expect(QuietChannel.last.sent).toEqual(['saved']);
    const stored = await (await WorkspaceDb.open(quiet)).load();
    expect(stored).toMatchObject({ kind: 'workspace', workspace: { trip: { leg: { dayCount: 12 } } } });
  });

  it('follows another tab, keeps its own state one undo away, and does not echo', async () => {
    edit(9);
    await wait(350);
    const db = await WorkspaceDb.open(quiet);
    const theirs = store.workspace();
    await db.save({ ...theirs, trip: { ...theirs.trip, name: 'Other Tab' } });
    const sentBefore = QuietChannel.last.sent.length;
    QuietChannel.last.dispatchEvent(new Event('message'));
    await wait(350);
    TestBed.tick();
    expect(store.trip().name).toBe('Other Tab');
    expect(QuietChannel.last.sent).toHaveLength(sentBefore);
    store.undo();
    expect(store.trip().name).toBe(theirs.trip.name);
  });

  it('says plainly that there is no room, and saves again with the next edit', async () => {
    const save = jest.spyOn(WorkspaceDb.prototype, 'save').mockRejectedValueOnce(new DOMException('full', 'QuotaExceededError'));
    edit(3);
    await wait(350);
    expect(autosave.state()).toBe('failed');
    expect(autosave.problem()).toMatch(/no room left.*Export the trip/);
    edit(4);
    await wait(350);
    expect(save).toHaveBeenCalledTimes(2);
    expect(autosave.state()).toBe('saved');
    expect(autosave.problem()).toBeUndefined();
  });
});
