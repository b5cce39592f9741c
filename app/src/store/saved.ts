import { PLAIN_RACK, type Preferences, type Rack, type ShelvedTrip } from '@tinder/core/domain/model';
import type { Loaded } from '../platform/database/workspace-db';
import { demoWorkspace, type Workspace } from './workspace';

/** Revision of a trip that the database does not hold yet. */
export const NEVER_SAVED = 0;

/** A trip as the database last had it, with its revision. */
interface Known {
  shelved: ShelvedTrip;
  revision: number;
}
/** A changed trip and the revision it was changed from. */
export interface ChangedTrip {
  shelved: ShelvedTrip;
  expected: number;
}
export interface Changes {
  trips: ChangedTrip[];
  removed: string[];
  ids: string[];
  preferences: boolean;
  rack: boolean;
}

const orderOf = (library: readonly ShelvedTrip[]): string[] => library.map((s) => s.trip.id);

/** What the database is known to hold: what differs from it is to be saved. */
export class Saved {
  readonly known = new Map<string, Known>();
  preferences: Preferences;
  rack: Rack;
  /** The demo's rack is written with the first thing saved. */
  private rackStored: boolean;
  private order: string;
  /** What the app starts with. */
  readonly workspace: Workspace;

  /** `openHere` is the trip that was open in this tab. */
  constructor(loaded: Loaded, openHere: string | null) {
    const demo = demoWorkspace();
    const library = loaded.trips.map(({ trip, archived }) => ({ trip, archived }));
    loaded.trips.forEach(({ revision }, i) => this.known.set(library[i].trip.id, { shelved: library[i], revision }));
    // the untouched demo of a first visit: clean until something is saved, then saved with it
    if (!library.length) this.known.set(demo.openId, { shelved: demo.library[0], revision: NEVER_SAVED });
    this.preferences = loaded.preferences ?? demo.preferences;
    // the demo's rack belongs to a first visit; who has trips and no rack yet starts with an empty one
    this.rack = loaded.rack ?? (library.length ? PLAIN_RACK : demo.rack);
    this.rackStored = loaded.rack !== undefined;
    this.order = orderOf(library.length ? library : demo.library).join();
    const wanted = openHere ?? loaded.lastOpen;
    const openId = library.find((s) => s.trip.id === wanted)?.trip.id ?? library[0]?.trip.id ?? demo.openId;
    this.workspace = { ...(library.length ? { library, openId } : demo), preferences: this.preferences, rack: this.rack };
  }

  differsFrom(w: Workspace): boolean {
    return (
      w.preferences !== this.preferences ||
      w.rack !== this.rack ||
      orderOf(w.library).join() !== this.order ||
      w.library.some((s) => this.known.get(s.trip.id)?.shelved !== s)
    );
  }

  changes(w: Workspace): Changes {
    const ids = orderOf(w.library);
    return {
      trips: w.library
        .map((shelved) => ({ shelved, known: this.known.get(shelved.trip.id) }))
        .filter(({ shelved, known }) => known?.shelved !== shelved || known.revision === NEVER_SAVED)
        .map(({ shelved, known }) => ({ shelved, expected: known?.revision ?? NEVER_SAVED })),
      removed: [...this.known.keys()].filter((id) => !ids.includes(id)),
      ids,
      preferences: w.preferences !== this.preferences,
      rack: w.rack !== this.rack || !this.rackStored,
    };
  }

  /** Notes that trips were written, but for those that another tab had saved before. */
  tookTrips({ trips, removed, ids }: Changes, conflicting: readonly string[]): void {
    for (const id of removed) this.known.delete(id);
    for (const { shelved, expected } of trips)
      if (!conflicting.includes(shelved.trip.id)) this.known.set(shelved.trip.id, { shelved, revision: expected + 1 });
    this.order = ids.join();
  }

  tookRack(stored: Rack): void {
    this.rack = stored;
    this.rackStored = true;
  }

  tookOrder(library: readonly ShelvedTrip[]): void {
    this.order = orderOf(library).join();
  }
}
