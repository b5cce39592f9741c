import { nameFrom, type Preferences, type Rack, type ShelvedTrip, type Trip } from '@tinder/core/domain/model';
import { DEMO_RACK, DEMO_TRIP } from '@tinder/core/demo';
import { METRIC } from '@tinder/core/foundation/units';

/** Everything the walker can change, as one value: what undo steps through and what is saved. */
export interface Workspace {
  /** Every trip, in the order of the library; never empty. */
  library: readonly ShelvedTrip[];
  /** The one that is open in this tab. */
  openId: string;
  preferences: Preferences;
  /** Pieces, kits and scores: the walker's, for every trip. */
  rack: Rack;
}

/** What a first visit shows: the invented demo, metric units, daylight. */
export function demoWorkspace(): Workspace {
  return {
    library: [{ trip: DEMO_TRIP, archived: false }],
    openId: DEMO_TRIP.id,
    preferences: { theme: 'day', units: { ...METRIC } },
    rack: DEMO_RACK,
  };
}

/** The open trip; the first one where the open one is gone (deleted in another tab). */
export const openTrip = (w: Workspace): Trip => (w.library.find((t) => t.trip.id === w.openId) ?? w.library[0]).trip;

/** Changes the trip of that id; the others stay the same values. */
export function withTrip(w: Workspace, id: string, change: (s: ShelvedTrip) => ShelvedTrip): Workspace {
  const library = w.library.map((s) => (s.trip.id === id ? change(s) : s));
  return library.every((s, i) => s === w.library[i]) ? w : { ...w, library };
}

/** Adds trips at the end and opens the first of them. */
export const withNewTrips = (w: Workspace, trips: readonly ShelvedTrip[]): Workspace => ({
  ...w,
  library: [...w.library, ...trips],
  openId: trips[0].trip.id,
});

/** Takes a trip away. Where it was the last one, the demo stands in its place. */
export function withoutTrip(w: Workspace, id: string): Workspace {
  const left = w.library.filter((s) => s.trip.id !== id);
  const library = left.length ? left : demoWorkspace().library;
  return { ...w, library, openId: w.openId === id ? (library.find((s) => !s.archived) ?? library[0]).trip.id : w.openId };
}

/** Trips read from a file beside those that are here: one whose id is taken gets a new one and says where it came from. */
export function besideExisting(w: Workspace, trips: readonly ShelvedTrip[], newId: () => string): ShelvedTrip[] {
  return trips.map((s) => {
    if (!w.library.some((t) => t.trip.id === s.trip.id)) return s;
    return { ...s, trip: { ...s.trip, id: newId(), name: nameFrom(s.trip.name, { ending: ', imported' }) } };
  });
}
