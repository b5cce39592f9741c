import { TestBed } from '@angular/core/testing';
import type { Trip } from '@tinder/core/domain/model';
import { stretchLeg } from '@tinder/core/domain/trail';
import { WorkspaceDb } from '../platform/database/workspace-db';
import { Autosave } from '../store/autosave';
import { provideStore } from '../store/provide-store';
import type { TabNews } from '../store/tab-news';
import { WorkspaceStore } from '../store/workspace-store';
import { QuietChannel } from './quiet-channel';
import { until } from './until';

export const quiet = { blocked: () => undefined, blocking: () => undefined, terminated: () => undefined };
export const open = () => WorkspaceDb.open(quiet);
/** Of the tab as it was begun last. */
export let store: WorkspaceStore;
export let autosave: Autosave;

export const edit = (label: string, change: (t: Trip) => Trip) => {
  store.editTrip(label, change);
  TestBed.tick();
};
export const days = (n: number) => edit('days', (t) => stretchLeg(t, 0, n));
export const rename = (name: string) => edit('name', (t) => ({ ...t, name }));
export const saved = async () => (await (await open()).load()).trips;
export const savedTrip = async (id: string) => (await saved()).find((t) => t.trip.id === id)?.trip;
export const isSaved = () => until(() => autosave.state() === 'saved', 'the save');
export const savedAs = (holds: (t: Trip) => boolean) =>
  until(async () => {
    const trip = await savedTrip(store.trip().id);
    return trip !== undefined && holds(trip);
  }, 'what was edited to be saved');
/** What another tab would do: take the trip as saved and save it changed; its news is heard or not. */
export const otherTab = async (change: (t: Trip) => Trip, heard = true) => {
  const db = await open();
  const [theirs] = (await db.load()).trips.filter((t) => t.trip.id === store.trip().id);
  await db.save([{ trip: change(theirs.trip), archived: theirs.archived, expected: theirs.revision }], [], [theirs.trip.id]);
  if (heard) tell({ trips: [{ id: theirs.trip.id, revision: theirs.revision + 1 }] });
  return db;
};
export const tell = (news: Partial<TabNews>) =>
  QuietChannel.last.dispatchEvent(
    new MessageEvent('message', { data: { trips: [], removed: [], rack: false, preferences: false, ...news } }),
  );

/** A tab is begun in what the browser holds: it saves what is edited in it. */
const begin = (): Promise<void> => {
  store = TestBed.inject(WorkspaceStore);
  autosave = TestBed.inject(Autosave);
  return autosave.start();
};
/** The same browser after a reload. */
export const reload = (): Promise<void> => {
  TestBed.resetTestingModule();
  TestBed.configureTestingModule({ providers: [provideStore()] });
  return begin();
};

/** Every test of the file begins with a tab of a browser that holds nothing. */
export function inATab(): void {
  beforeEach(async () => {
    indexedDB = new IDBFactory();
    sessionStorage.clear();
    await begin();
    await autosave.settled();
  });
  afterEach(() => {
    jest.restoreAllMocks();
    localStorage.clear();
  });
}
