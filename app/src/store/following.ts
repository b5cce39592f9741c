import { same, type Preferences, type Rack } from '@tinder/core/domain/model';
import type { Kept } from '../platform/database/reading';
import type { Saved } from './saved';
import type { WorkspaceStore } from './workspace-store';

/** Takes in what another tab has saved or taken away; what is changed here too waits for this tab's own save, which merges. */
export function followTrips(store: WorkspaceStore, saved: Saved, trips: readonly Kept[], removed: readonly string[]): void {
  for (const kept of trips) followTrip(store, saved, kept);
  for (const id of removed) {
    const known = saved.known.get(id)?.shelved;
    const mine = store.workspace().library.find((s) => s.trip.id === id);
    saved.known.delete(id);
    // deleted there: gone here too, unless it was changed here or is being looked at
    if (known && mine === known && id !== store.trip().id) store.follow(id, known, undefined);
  }
  saved.tookOrder(store.workspace().library);
}

/** Takes in units and theme of another tab, unless they were changed here too and are about to be saved. */
export function followPreferences(store: WorkspaceStore, saved: Saved, theirs: Preferences | undefined): void {
  if (!theirs || store.preferences() !== saved.preferences || same(saved.preferences, theirs)) return;
  saved.preferences = theirs;
  store.followPreferences(theirs);
}

/** The same of the rack. */
export function followRack(store: WorkspaceStore, saved: Saved, theirs: Rack | undefined): void {
  if (!theirs || store.rack() !== saved.rack || same(saved.rack, theirs)) return;
  saved.tookRack(theirs);
  store.followRack(theirs);
}

function followTrip(store: WorkspaceStore, saved: Saved, { trip, archived, revision }: Kept): void {
  const known = saved.known.get(trip.id);
  if (known?.revision === revision) return;
  const mine = store.workspace().library.find((s) => s.trip.id === trip.id);
  if (mine && mine !== known?.shelved) return;
  const theirs = { trip, archived };
  const shelved = mine && same(mine, theirs) ? mine : theirs; // nothing new is no step
  saved.known.set(trip.id, { shelved, revision });
  if (shelved !== mine) store.follow(trip.id, mine, shelved);
}
