import type { Trip } from '../../domain/model';
import { missedMeals, planTrip, weightSums, planCache, type PlanCache } from '../../planning/plan';
import type { CarryPlan, Plan } from '../../planning/planned';
import { chanceOfAny, chanceOfMoreThan, TRIPS_TRIED, type Mishaps } from '../../planning/risk';
import { carryRisk, type RiskDraw } from './carry-risk';

/** One reasonable way to carry a kit: its load-outs for a reserve, what they weigh and how likely they fall short. */
export interface BalancePoint {
  reservePercent: number;
  /** Mean of the mornings over the trip, g. */
  averageG: number;
  price: number;
  /** Chance of running out on the tightest carry, and on any of them. */
  worst: number;
  any: number;
  /** Between which stops it is tightest. */
  tightest: { from: string; to: string };
  mealsMissed: number;
}

/** Reserves tried besides the walker's own, % of demand. */
export const RESERVES_TRIED = [0, 10, 20, 35, 60] as const;

/**
 * A kit's load-outs from the barest to the safest. The demand is drawn once, as planned with the hiker's own reserve, so the point of that
 * reserve has the chance that is shown everywhere else. Load-outs that come out the same are one point, named by the smallest reserve.
 */
export function balanceOf(trip: Trip, mishaps: Mishaps, { trips = TRIPS_TRIED, cache = planCache() }: RiskDraw = {}): BalancePoint[] {
  const reserves = [...new Set([...RESERVES_TRIED, trip.reservePercent])].sort((a, b) => a - b);
  const plans = reserves.map((reservePercent) => ({ reservePercent, plan: planTrip({ ...trip, reservePercent }, { cache }) }));
  const asPlanned = plans.find((p) => p.reservePercent === trip.reservePercent)!.plan;
  const chancesOf = chances(trip, asPlanned, mishaps, { trips, cache });
  const points: BalancePoint[] = [];
  for (const { reservePercent, plan } of plans) {
    const point = {
      reservePercent,
      averageG: weightSums(plan).averageG,
      price: plan.price,
      ...chancesOf(plan.carries),
      mealsMissed: missedMeals(trip, plan),
    };
    if (!points.some((p) => Math.abs(p.averageG - point.averageG) < 0.05 && p.worst === point.worst)) points.push(point);
  }
  return points;
}

/** The chances of running out with a plan's load-outs, its demand drawn once for all of them. */
function chances(trip: Trip, drawn: Plan, mishaps: Mishaps, { trips, cache }: { trips: number; cache: PlanCache }) {
  const risks = drawn.carries.map((c) => carryRisk(trip, c, mishaps, trips, cache));
  return (carries: readonly CarryPlan[]): Pick<BalancePoint, 'worst' | 'any' | 'tightest'> => {
    const each = carries.map((c, i) => {
      const risk = risks[i];
      return risk ? chanceOfMoreThan(risk, c.fuelG) : 0;
    });
    const worst = Math.max(0, ...each);
    const { from, to } = carries[Math.max(0, each.indexOf(worst))]!;
    const any = chanceOfAny(carries.flatMap((c, i) => (risks[i] ? [{ risk: risks[i], fuelG: c.fuelG }] : [])));
    return { worst, any, tightest: { from, to } };
  };
}

/** Points that no other one beats in weight and risk at once, the lightest first. */
export function paretoFront<P extends Pick<BalancePoint, 'averageG' | 'worst'>>(points: readonly P[]): P[] {
  const sorted = [...points].sort((a, b) => a.averageG - b.averageG || a.worst - b.worst);
  const front: P[] = [];
  for (const p of sorted) if (!front.length || p.worst < front[front.length - 1]!.worst) front.push(p);
  return front;
}
