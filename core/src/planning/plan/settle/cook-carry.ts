import type { Container } from '../../../domain/carry';
import type { DayConditions, PlanDay } from '../../planned';
import { cookDays } from '../cook-days';
import type { CarryNeed } from '../load-outs/choosing';
import { daysOfCarry, type CarryJob } from './carry-job';
import { isSameSet } from './containers';

/** A carry cooked with some containers, perhaps not those chosen in the end. */
export interface CookedCarry {
  with: readonly Container[];
  days: PlanDay[];
  demandG: number;
  left: readonly Container[];
}

/** Cooks a carry with some containers; as it was cooked `before` where those were the same. */
export function cookCarry(job: CarryJob, i: number, containers: readonly Container[], round: number, before?: CookedCarry): CookedCarry {
  if (before && isSameSet(containers, before.with)) return before;
  const { days, left } = cookDays(job.trip, job.use, daysOfCarry(job, i), containers);
  job.report({ round, day: days[days.length - 1]!.day, ofDays: job.conditions.length });
  return { with: containers, days, left, demandG: days.reduce((sum, d) => sum + d.fuelG, 0) };
}

export const burntByDayG = (days: readonly PlanDay[]): number[] => days.map((d) => d.fuelG);

/** What a carry asks for that burns so much day by day, g. */
export const needOf = ({ trip, spans }: CarryJob, i: number, days: readonly DayConditions[], burntG: readonly number[]): CarryNeed => ({
  stop: trip.stops[spans[i]!.fromStop]!,
  supply: spans[i]!.supply,
  days,
  burntG,
  demandG: burntG.reduce((sum, g) => sum + g, 0),
});
