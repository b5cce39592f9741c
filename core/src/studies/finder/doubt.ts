import { planTrip, type PlanCache } from '../../planning/plan';
import { UNCALIBRATED_SD } from '../../planning/risk';
import { burnerDoubt } from '../study';
import type { Found } from './found';

/** So far apart by one standard deviation, nine in ten such verdicts hold (normal law). */
const NINE_IN_TEN = 1.2816;

/** One standard deviation of a kit's carried weight, g: how far its burner and pot are known, over the fuel on hand. */
export function doubtG({ trip, measured }: Pick<Found, 'trip' | 'measured'>, cache?: PlanCache): number {
  const carry = planTrip(trip, { cache }).carries[0];
  return ((carry && burnerDoubt(trip.kit, carry, cache)) ?? UNCALIBRATED_SD) * measured.fuelG;
}

/** How two answers stand to each other as far as the model knows them. */
export interface Told {
  /** The second over the first, g. */
  differenceG: number;
  /** One standard deviation of that, g. */
  sdG: number;
  /** Nine in ten that the lighter one is the lighter one. */
  isSure: boolean;
  /** The one whose burner is known worse: a test of it says most. */
  test: 'first' | 'second';
}

/** Are two answers told apart? The same burner under the same pot is off for both of them alike. */
export function compareWithDoubt(first: Found, second: Found, cache?: PlanCache): Told {
  const differenceG = second.measured.averageG - first.measured.averageG;
  const [a, b] = [doubtG(first, cache), doubtG(second, cache)];
  const isAlike = first.trip.kit.burnerId === second.trip.kit.burnerId && first.trip.kit.pot.name === second.trip.kit.pot.name;
  const sdG = isAlike ? Math.abs(a - b) : Math.hypot(a, b);
  return { differenceG, sdG, isSure: Math.abs(differenceG) > NINE_IN_TEN * sdG, test: a >= b ? 'first' : 'second' };
}
