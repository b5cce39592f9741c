import type { Rack } from '../archive/rack-schema';
import type { Trip } from '../archive/trip-schema';
import { KM_PER_100_M, type DayWalk } from '../carry/load-out/stage';
import { weightsByLength, type NamedWeights } from '../carry/crossings';
import { isInStep } from '../kit/trip-kit';
import { missedMeals, type PlanDay } from './cook-days';
import { planKit } from './kit-measures';
import { kitInUse } from './meal-burn';
import { hardwareMassG, planTrip, type Plan } from './plan';

/** The kit as the trip has it now, where no kit of the rack is just so. */
export const AS_CARRIED = 'as-carried';

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

/** A kit of the rack on this trip: its line over the days, its sums, and how it would weigh on carries of other lengths. */
export interface KitLine extends NamedWeights {
  name: string;
  /** Morning loads of each carry from its first day on, and what is left on arrival, g. */
  carries: { firstDay: number; loadsG: number[] }[];
  sums: WeightSums;
  mealsMissed: number;
  price: number;
  /** What a day between stops burns on the mean, g. */
  dailyG: number;
}

/** The plan's carried weight, counted every way. */
export function weightSums({ carries, days }: Pick<Plan, 'carries' | 'days'>): WeightSums {
  const mornings = carries.flatMap((c) => c.profile.days.slice(0, -1).map((d, i) => ({ g: d.totalG, walk: c.days[i] })));
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

/** Fuel of a day on which nothing is bought ready, on the mean, g; of any day where all have such a meal. */
export function meanDayG(days: readonly PlanDay[]): number {
  const plain = days.filter((d) => !d.eatsOut.breakfast && !d.eatsOut.supper);
  const counted = plain.length ? plain : days;
  return counted.reduce((s, d) => s + d.fuelG, 0) / Math.max(1, counted.length);
}

/** One kit's line from its plan. */
export function kitLine(id: string, name: string, trip: Trip, plan: Plan): KitLine {
  const dailyG = meanDayG(plan.days);
  const { fuel } = kitInUse(trip.kit);
  return {
    id,
    name,
    carries: plan.carries.map((c) => ({ firstDay: c.days[0].day, loadsG: c.profile.days.map((d) => d.totalG) })),
    sums: weightSums(plan),
    mealsMissed: missedMeals(trip, plan),
    price: plan.price,
    dailyG,
    ...weightsByLength({
      hardwareG: hardwareMassG(trip),
      dailyG,
      fuel,
      measureMl: trip.kit.measureMl,
      reservePercent: trip.reservePercent,
    }),
  };
}

/** Every kit of the rack that can be planned with, and the trip's own where it differs from all of them; the carried one first. */
export function kitLines(rack: Rack, trip: Trip): KitLine[] {
  const inStep = isInStep(trip, rack) && !trip.legs.some((l) => l.kit);
  const own = kitLine(inStep ? (trip.rackKitId ?? AS_CARRIED) : AS_CARRIED, ownName(rack, trip, inStep), trip, planTrip(trip));
  const others = rack.kits
    .filter((k) => k.id !== own.id)
    .flatMap((k) => {
      const planned = planKit(rack, trip, k);
      return typeof planned === 'string' ? [] : [kitLine(k.id, k.name, planned.trip, planned.plan)];
    });
  return [own, ...others];
}

const ownName = (rack: Rack, trip: Trip, inStep: boolean): string =>
  (inStep && rack.kits.find((k) => k.id === trip.rackKitId)?.name) || 'as carried now';
