import type { Container } from '../../domain/carry';
import { LIMITS, type ShelfItem, type Trip } from '../../domain/model';
import { planTrip, planCache, type PlanCache } from '../../planning/plan';
import type { Plan } from '../../planning/planned';
import { afterTrip, withWholeShelf } from '../../domain/shelf';

/** What one trip of a season takes from the shelf and buys on its way. */
export interface SeasonTrip {
  id: string;
  name: string;
  startDate: string;
  taken: { id: string; name: string; fuelG: number }[];
  /** At each stop where anything is bought. */
  bought: { stop: string; containers: readonly Container[]; price: number }[];
  price: number;
}
export interface SeasonPlan {
  /** In the order in which they are walked. */
  trips: SeasonTrip[];
  price: number;
  /** The same trips, each bought for as if the shelf were empty; and with the shelf where only money counts. */
  priceWithoutShelf: number;
  priceByMoney: number;
  /** The shelf after the last of them. */
  shelf: ShelfItem[];
}

/** Air that cans stand in on the way, where they are drawn down, °C: between a supper and a breakfast of the day. */
export function meanCanC({ days }: Pick<Plan, 'days'>): number {
  return days.reduce((sum, d) => sum + (d.supperAirC + d.breakfastAirC) / 2, 0) / days.length;
}

/**
 * The trips that start on `today` (year-month-day) or later, one after another: each takes what is best of what the shelf holds by then, and
 * what it brings home is there for the next.
 */
export function seasonPlan(trips: readonly Trip[], shelf: readonly ShelfItem[], today: string, cache: PlanCache = planCache()): SeasonPlan {
  const due = trips.filter((t) => t.startDate >= today).sort((a, b) => a.startDate.localeCompare(b.startDate));
  const byMoney = due.map((t): Trip => ({ ...t, loadOut: { ...t.loadOut, gramsPerPrice: LIMITS.gramsPerPrice.max } }));
  const season = walked(due, shelf, cache);
  return {
    ...season,
    price: priceOf(season.trips),
    priceWithoutShelf: due.reduce((sum, t) => sum + planTrip({ ...t, own: [] }, { cache }).price, 0),
    priceByMoney: priceOf(walked(byMoney, shelf, cache).trips),
  };
}

const priceOf = (trips: readonly SeasonTrip[]): number => trips.reduce((sum, t) => sum + t.price, 0);

/** Trips in the order in which they are walked, and the shelf after the last of them. */
function walked(trips: readonly Trip[], shelf: readonly ShelfItem[], cache: PlanCache): Pick<SeasonPlan, 'trips' | 'shelf'> {
  let stock = [...shelf];
  let nextId = 0;
  const newId = (): string => `season-${nextId++}`;
  const planned = trips.map((trip): SeasonTrip => {
    const offered = withWholeShelf({ ...trip, own: [] }, stock);
    const plan = planTrip(offered, { cache });
    stock = afterTrip(stock, offered, plan.carries, { on: trip.startDate, canC: meanCanC(plan), newId });
    return {
      id: trip.id,
      name: trip.name,
      startDate: trip.startDate,
      taken: plan.carries.flatMap((c) => c.taken.flatMap((t) => (t.own ? [{ id: t.own.id, name: t.own.name, fuelG: t.fuelG }] : []))),
      bought: plan.carries.filter((c) => c.bought.length > 0).map((c) => ({ stop: c.from, containers: c.bought, price: c.price })),
      price: plan.price,
    };
  });
  return { trips: planned, shelf: stock };
}
