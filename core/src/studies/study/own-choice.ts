import type { ShelfItem, Trip } from '../../domain/model';
import { burntOn, missedMeals, planTrip, weightSums, planCache, type PlanCache } from '../../planning/plan';
import type { Plan } from '../../planning/planned';
import { withPlace, withWholeShelf } from '../../domain/shelf';

/** One way of using the shelf on a trip, and what it comes to. */
export interface OwnWay {
  /** The whole shelf where it is best, nothing of it, or the best without one of those that it takes. */
  way: { code: 'best' } | { code: 'none' } | { code: 'without'; id: string };
  /** What is taken along, and where. */
  taken: { id: string; fromStopId: string; fuelG: number }[];
  averageG: number;
  /** Of everything bought. */
  price: number;
  mealsMissed: number;
}
export interface OwnChoice {
  /** The best of the shelf first, then nothing of it, then without each. */
  ways: OwnWay[];
  /** Begun containers of a fuel that some kit of the trip burns, but that are not worth their weight: finish them at home or on day walks. */
  toFinish: string[];
}

/** What the shelf is worth to a trip: every way planned in full. What the walker has sent to a stop, or keeps at home, stays so. */
export function ownChoice(trip: Trip, shelf: readonly ShelfItem[], cache: PlanCache = planCache()): OwnChoice {
  const offered = withWholeShelf(trip, shelf);
  const planned = planTrip(offered, { cache });
  const best = wayOf(offered, planned, { code: 'best' });
  const bare: Trip = { ...trip, own: [] };
  const without = [...new Set(best.taken.map((t) => t.id))].flatMap((id): OwnWay[] => {
    const item = shelf.find((c) => c.id === id);
    if (!item) return [];
    const left = withPlace(offered, item, 'home');
    return [wayOf(left, planTrip(left, { cache }), { code: 'without', id })];
  });
  const taken = new Set(best.taken.map((t) => t.id));
  const isBegun = (id: string): boolean => shelf.some((c) => c.id === id && c.openedOn !== null);
  return {
    ways: [best, wayOf(bare, planTrip(bare, { cache }), { code: 'none' }), ...without],
    toFinish: offered.own.filter((c) => isBegun(c.id) && burntOn(trip, c) && !taken.has(c.id)).map((c) => c.id),
  };
}

function wayOf(trip: Trip, plan: Plan, way: OwnWay['way']): OwnWay {
  const taken = plan.carries.flatMap((c) =>
    c.taken.flatMap((t) => (t.own ? [{ id: t.own.id, fromStopId: c.fromStopId, fuelG: t.fuelG }] : [])),
  );
  return { way, taken, averageG: weightSums(plan).averageG, price: plan.price, mealsMissed: missedMeals(trip, plan) };
}
