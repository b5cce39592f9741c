import type { Annoyance, Trip } from '../../domain/model';
import { spareG, forecast } from './forecast';
import { fewestChanges, leastAnnoying, type AnnoyanceSet } from './least-annoying';
import type { StretchSet, StretchSets } from './stretch-sets';
import type { WalkState } from './walk-state';

/** A set of changes as it is put before the walker. */
export interface Saving {
  annoyances: Annoyance[];
  trip: Trip;
  /** Chance of running out with it, and what may be burnt besides within the limit, g (negative: what is missing). */
  runOut: number;
  spareG: number;
  /** Hot meals that no burn can do with it. */
  failing: number;
}
export interface StretchPlan {
  /** As it stands. */
  now: Saving;
  /** The least annoying set that brings the chance back within the limit; absent where nothing has to change, or where nothing is enough. */
  least?: Saving;
  /** The set of fewest changes, where it is another one. */
  fewest?: Saving;
  /** The set that leaves most, where none is enough. */
  most?: Saving;
}

/** What to bear so that the fuel lasts to the next stop, exact over every set of what the walker would bear. */
export function stretchPlan(sets: StretchSets, state: WalkState, limit: number, residueG: number): StretchPlan {
  const saving = ({ annoyances, trip, burns, failing }: StretchSet): Saving => ({
    annoyances,
    trip,
    failing,
    runOut: forecast(state, burns, residueG).runOut,
    spareG: spareG(state, burns, limit, residueG),
  });
  const now = saving(sets.of(0));
  if (now.spareG >= 0 || !sets.of(0).burns.length) return { now };
  const count = sets.order.length;
  const valueOf = (set: AnnoyanceSet) => {
    const found = sets.of(set);
    return { enough: found.burns.length === 0 || spareG(state, found.burns, limit, residueG) >= 0, failing: found.failing };
  };
  const least = leastAnnoying(count, valueOf);
  if (least === undefined) {
    const all = Array.from({ length: 2 ** count }, (_, set) => saving(sets.of(set)));
    const fewestFailing = Math.min(...all.map((s) => s.failing));
    return { now, most: all.filter((s) => s.failing === fewestFailing).reduce((a, b) => (b.spareG > a.spareG ? b : a)) };
  }
  const fewest = fewestChanges(count, valueOf) ?? least;
  return { now, least: saving(sets.of(least)), ...(fewest === least ? {} : { fewest: saving(sets.of(fewest)) }) };
}
