import { preferencesSchema, rackSchema, same, shelvedTripSchema } from '@tinder/core/model';
import * as z from 'zod';
import { UNWRITTEN } from '../platform/database/nothing-kept';
import { KeptDraft } from '../platform/kept-draft';
import { mergeRacks, mergeTrips } from './merge';
import type { Saved } from './saved';
import { MOST_TRIPS, unwrittenEdits } from './unwritten-edits';
import { withTrip, type Workspace } from './workspace';

/** What was edited and not written, with what it was edited from; what was added was edited from nothing. */
const unwrittenSchema = z.strictObject({
  tab: z.string(),
  trips: z.array(z.strictObject({ base: shelvedTripSchema.optional(), mine: shelvedTripSchema })).max(MOST_TRIPS),
  rack: z.strictObject({ base: rackSchema, mine: rackSchema }).optional(),
  preferences: preferencesSchema.optional(),
});

/**
 * Edits that have not reached the database: a page that is left or killed has no time to wait for one, but local storage is written at once. The
 * next page takes them in.
 */
export class Unwritten {
  private readonly draft = new KeptDraft(UNWRITTEN, unwrittenSchema);

  /** `holds`: something of this page's stands there, and what is saved lets it go. */
  constructor(
    private readonly tab: string,
    private holds: boolean,
  ) {}

  /** Keeps what differs from what is saved. */
  keep(saved: Saved, w: Workspace): void {
    const edited = unwrittenEdits(this.tab, saved, w);
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
}
