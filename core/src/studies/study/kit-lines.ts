import { lightestOf, weightsByLength, type CountedBy, type NamedWeights } from '../../planning/load-out';
import { isInStep } from '../../domain/kit';
import type { Rack, Trip } from '../../domain/model';
import { hardwareMassG, kitInUse, missedMeals, weightSums, type WeightSums, planCache, type PlanCache } from '../../planning/plan';
import type { Plan, PlanDay } from '../../planning/planned';
import { planKit } from './kit-measures';

/** The kit as the trip has it now, where no kit of the rack is just so. */
export const AS_CARRIED = 'as-carried';

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

/**
 * Fuel of a day on which nothing is bought ready, on the mean, g; of any day where all have such a meal. Days on which a ban keeps the kit
 * cold do not count: they would make it look thrifty.
 */
export function meanDayG(days: readonly PlanDay[]): number {
  const plain = days.filter((d) => !d.eatsOut.breakfast && !d.eatsOut.supper);
  const cooked = plain.filter((d) => Object.keys(d.meals).length > 0);
  const counted = [cooked, plain, days].find((list) => list.length > 0) ?? [];
  return counted.reduce((s, d) => s + d.fuelG, 0) / Math.max(1, counted.length);
}

/** One kit's line from its plan. */
export function kitLine(id: string, name: string, trip: Trip, plan: Plan): KitLine {
  const dailyG = meanDayG(plan.days);
  const { fuel } = kitInUse(trip.kit);
  return {
    id,
    name,
    carries: plan.carries.map((c) => ({ firstDay: c.days[0]!.day, loadsG: c.profile.days.map((d) => d.totalG) })),
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

/** The kit that a trip carries all the way: the one of the rack where it is just so, else as it is carried now. */
export function carriedKit(rack: Rack, trip: Trip): { id: string; name: string } {
  const plain = isInStep(trip, rack) && !trip.legs.some((l) => l.kit);
  const kit = plain ? rack.kits.find((k) => k.id === trip.rackKitId) : undefined;
  return kit ?? { id: AS_CARRIED, name: 'as carried now' };
}

/** Every kit of the rack that can be planned with, and the trip's own where it differs from all of them; the carried one first, by the plan that there is of it. */
export function kitLines(rack: Rack, trip: Trip, plan: Plan, cache: PlanCache = planCache()): KitLine[] {
  const { id, name } = carriedKit(rack, trip);
  const own = kitLine(id, name, trip, plan);
  const others = rack.kits
    .filter((k) => k.id !== id)
    .flatMap((k) => {
      const planned = planKit(rack, trip, k, cache);
      return planned.ok ? [kitLine(k.id, k.name, planned.value.trip, planned.value.plan)] : [];
    });
  return [own, ...others];
}

/** Which kit is lightest on a carry of the trip as it really is, days, weather, shops and all. */
export interface LightestOnCarry {
  firstDay: number;
  days: number;
  id: string;
  ties: string[];
}

/** The lightest of some kits on each carry of the first one, by the morning it leaves or by the mean of its mornings. */
export function lightestOnCarries(lines: readonly KitLine[], among: readonly KitLine[], by: CountedBy): LightestOnCarry[] {
  return (lines[0]?.carries ?? []).flatMap(({ firstDay, loadsG }): LightestOnCarry[] => {
    const days = loadsG.length - 1; // the last load is the one on arrival
    const weights = among.map((k) => {
      const mornings = Array.from({ length: by === 'startG' ? 1 : days }, (_, i) => loadOn(k, firstDay + i));
      return { id: k.id, g: mornings.reduce((sum, g) => sum + g, 0) / mornings.length };
    });
    const best = lightestOf(weights);
    return best ? [{ firstDay, days, ...best }] : [];
  });
}

/** A kit's load on the morning of a day, g. */
function loadOn({ carries }: KitLine, day: number): number {
  const carry = carries.findLast((c) => c.firstDay <= day);
  return carry?.loadsG[day - carry.firstDay] ?? 0;
}
