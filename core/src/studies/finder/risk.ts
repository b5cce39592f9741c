import { planTrip, type PlanCache } from '../../planning/plan';
import { chanceOfAny, type Mishaps } from '../../planning/risk';
import { planRisk } from '../study';
import type { Candidate } from './candidates';

/** Trips drawn for each: a chance near 2 % is then known to 0.3 %. */
const TRIPS = 2500;

/** Chance that a kit's fuel runs out somewhere on the trip with the reserve as it is, 0–1; the same seed for all. */
export function chanceOfRunningOut({ trip }: Pick<Candidate, 'trip'>, mishaps: Mishaps, cache?: PlanCache): number {
  const plan = planTrip(trip, { cache });
  const risks = planRisk(trip, plan, mishaps, { trips: TRIPS, cache });
  return chanceOfAny(plan.carries.flatMap(({ fuelG }, i) => (risks[i] ? [{ risk: risks[i], fuelG }] : [])));
}
