import { planTrip } from '../../planning/plan';
import { chanceOfAny, type Mishaps } from '../../planning/risk';
import { planRisk, type RiskDraw } from '../study';
import type { Candidate } from './candidates';

/** Chance that a kit's fuel runs out somewhere on the trip with the reserve as it is, 0–1; the same seed for all. */
export function chanceOfRunningOut({ trip }: Pick<Candidate, 'trip'>, mishaps: Mishaps, { trips, cache }: RiskDraw = {}): number {
  const plan = planTrip(trip, { cache });
  const risks = planRisk(trip, plan, mishaps, { trips, cache });
  return chanceOfAny(plan.carries.flatMap(({ fuelG }, i) => (risks[i] ? [{ risk: risks[i], fuelG }] : [])));
}
