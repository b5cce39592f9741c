import type { Preferences, Rack, ShelvedTrip } from '@tinder/core/model';
import { UNWRITTEN } from '../platform/database/nothing-kept';
import type { Saved } from './saved';
import type { Workspace } from './workspace';

export const MOST_TRIPS = 50;

/** What was edited and not written, with what it was edited from; what was added was edited from nothing. */
export interface UnwrittenEdits {
  tab: string;
  trips: { base?: ShelvedTrip; mine: ShelvedTrip }[];
  rack?: { base: Rack; mine: Rack };
  preferences?: Preferences;
}

/** What differs from what is saved; undefined where nothing does. */
export function unwrittenEdits(tab: string, saved: Saved, w: Workspace): UnwrittenEdits | undefined {
  const trips = saved.changes(w).trips.filter(({ shelved }) => saved.known.get(shelved.trip.id)?.shelved !== shelved);
  const edits: UnwrittenEdits = {
    tab,
    trips: trips.slice(0, MOST_TRIPS).map(({ shelved }) => ({ base: saved.known.get(shelved.trip.id)?.shelved, mine: shelved })),
    ...(w.rack === saved.rack ? {} : { rack: { base: saved.rack, mine: w.rack } }),
    ...(w.preferences === saved.preferences ? {} : { preferences: w.preferences }),
  };
  return edits.trips.length || edits.rack || edits.preferences ? edits : undefined;
}

/** Keeps them before the schemas are there that they would be held to: the next page does that, and takes in none that cannot be read. True where it could. */
export function keptUnchecked(edits: UnwrittenEdits): boolean {
  try {
    localStorage.setItem(UNWRITTEN, JSON.stringify(edits));
    return true;
  } catch {
    return false; // forbidden, or no room
  }
}
