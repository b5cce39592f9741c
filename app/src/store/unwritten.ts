import { preferencesSchema, rackSchema, same, shelvedTripSchema } from '@tinder/core/domain/model';
import * as z from 'zod';
import { KeptDraft } from '../platform/kept-draft';
import { mergeRacks, mergeTrips } from './merge';
import type { Saved } from './saved';
import { withTrip, type Workspace } from './workspace';

const MOST_TRIPS = 50;

/** What was edited and not written, with what it was edited from; what was added was edited from nothing. */
const unwrittenSchema = z.strictObject({
  tab: z.string(),
  trips: z.array(z.strictObject({ base: shelvedTripSchema.optional(), mine: shelvedTripSchema })).max(MOST_TRIPS),
  rack: z.strictObject({ base: rackSchema, mine: rackSchema }).optional(),
  preferences: preferencesSchema.optional(),
});
type UnwrittenEdits = z.infer<typeof unwrittenSchema>;

/**
 * Edits that have not reached the database: a page that is left or killed has no time to wait for one, but local storage is written at once. The
 * next page takes them in.
 */
export class Unwritten {
  private readonly draft = new KeptDraft('unwritten', unwrittenSchema);
  /** Something of this page's stands there, and what is saved lets it go. */
  private holds = false;

  constructor(private readonly tab: string) {}

  /** Keeps what differs from what is saved. */
  keep(saved: Saved, w: Workspace): void {
    const edited = this.unwrittenEdits(saved, w);
    if (!edited) return;
    try {
      this.draft.write(edited);
      this.holds = true;
    } catch {
      // what could not be read back is not kept: saving, which refuses it as well, tells of it
    }
  }

  /** What an earlier page left unwritten, merged into a workspace with what others have saved since. The workspace itself where that is nothing new. */
  takenInto(w: Workspace): Workspace {
    const left = this.draft.read();
    if (!left) return w;
    this.draft.write({ ...left, tab: this.tab }); // from now on it is this page's to save
    this.holds = true;
    const withTrips = left.trips.reduce((all, { base, mine }) => {
      const saved = all.library.find((s) => s.trip.id === mine.trip.id);
      if (!saved) return { ...all, library: [...all.library, mine] };
      const value = base && !same(base, saved) ? mergeTrips(base, mine, saved).value : mine;
      return same(value, saved) ? all : withTrip(all, mine.trip.id, () => value);
    }, w);
    const rack = left.rack ? mergeRacks(left.rack.base, left.rack.mine, w.rack).value : w.rack;
    const taken = { ...withTrips, rack, preferences: left.preferences ?? w.preferences };
    return same(taken, w) ? w : taken;
  }

  /** All is written: what this page has kept, or taken in, is let go. */
  done(): void {
    if (!this.holds) return;
    this.holds = false;
    if (this.draft.read()?.tab === this.tab) this.draft.write(undefined);
  }

  /** What differs from what is saved; undefined where nothing does. */
  private unwrittenEdits(saved: Saved, w: Workspace): UnwrittenEdits | undefined {
    const trips = saved.changes(w).trips.filter(({ shelved }) => saved.known.get(shelved.trip.id)?.shelved !== shelved);
    const edits: UnwrittenEdits = {
      tab: this.tab,
      trips: trips.slice(0, MOST_TRIPS).map(({ shelved }) => ({ base: saved.known.get(shelved.trip.id)?.shelved, mine: shelved })),
      ...(w.rack === saved.rack ? {} : { rack: { base: saved.rack, mine: w.rack } }),
      ...(w.preferences === saved.preferences ? {} : { preferences: w.preferences }),
    };
    return edits.trips.length || edits.rack || edits.preferences ? edits : undefined;
  }
}
