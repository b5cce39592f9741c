import { planCache, type PlanCache } from '../../planning/plan';
import type { Annoyance, Trip } from '../../domain/model';
import { burnsAhead, daysAhead, type MealAhead, type Stretch } from './ahead';
import { untilDetour, withAnnoyance } from './annoyances';
import { membersOf, type AnnoyanceSet } from './least-annoying';
import { mealKey } from './log';

/** What a set of annoyances makes of a stretch. */
export interface StretchSet {
  set: AnnoyanceSet;
  annoyances: Annoyance[];
  trip: Trip;
  burns: MealAhead[];
  /** Meals without a hot end: those no burn can do, and those that were so before and are now not asked for. */
  failing: number;
}

/** Every set of the annoyances that would change something on a stretch, each planned once and only when it is asked for. */
export interface StretchSets {
  /** Those that change something, mildest first. */
  order: Annoyance[];
  of: (set: AnnoyanceSet) => StretchSet;
}

export function stretchSets(trip: Trip, stretch: Stretch, cache: PlanCache = planCache()): StretchSets {
  const days = daysAhead(trip, stretch, cache);
  const order = trip.annoyances.filter((a) => withAnnoyance(trip, stretch, days, a) !== undefined);
  const known = new Map<AnnoyanceSet, StretchSet>();
  const now = burnsAhead(trip, stretch, { cache, days });
  const plan = (set: AnnoyanceSet): StretchSet => {
    const annoyances = membersOf(set, order);
    const changed = annoyances.reduce((t, a) => withAnnoyance(t, stretch, days, a) ?? t, trip);
    const end = annoyances.includes('detour') ? untilDetour(trip, stretch) : Infinity;
    const isBefore = (b: MealAhead): boolean => b.day < end || (b.day === end && b.meal === 'breakfast');
    const burns = (set === 0 ? now : burnsAhead(changed, stretch, { cache })).filter(isBefore);
    const asked = new Set(burns.map((b) => mealKey(b.day, b.meal)));
    const failing =
      burns.filter((b) => b.fails).length + now.filter((b) => b.fails && isBefore(b) && !asked.has(mealKey(b.day, b.meal))).length;
    return { set, annoyances, trip: changed, burns, failing };
  };
  return {
    order,
    of: (set) => {
      const found = known.get(set) ?? plan(set);
      known.set(set, found);
      return found;
    },
  };
}
