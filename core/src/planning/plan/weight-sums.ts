import { KM_PER_100_M, type DayWalk } from '../../domain/carry';
import type { Plan } from '../planned';

/** A trip's carried weight by every way of counting it. */
export interface WeightSums {
  /** Mean of what leaves the stops that fill up, g. */
  leavingG: number;
  /** Mean of the mornings, g. */
  averageG: number;
  gramDays: number;
  gramKm: number;
  /** With ascent: 100 m count as a kilometre. */
  gramClimb: number;
}

/** The plan's carried weight, counted every way. */
export function weightSums({ carries, days }: Pick<Plan, 'carries' | 'days'>): WeightSums {
  const mornings = carries.flatMap((c) => c.profile.days.slice(0, -1).map((d, i) => ({ g: d.totalG, walk: c.days[i]! })));
  const sum = (by: (w: DayWalk) => number): number => mornings.reduce((s, m) => s + m.g * by(m.walk), 0);
  const gramDays = sum(() => 1);
  return {
    leavingG: carries.reduce((s, c) => s + c.profile.startG, 0) / carries.length,
    averageG: gramDays / days.length,
    gramDays,
    gramKm: sum((w) => w.km),
    gramClimb: sum((w) => w.km + (KM_PER_100_M * w.ascentM) / 100),
  };
}
