import { boilingPointC } from '../../physics/air';
import { heatPath, isDone, meanEfficiency, potHeatCapacityJPerK, targetOf, windLevels } from '../../physics/burn';
import { CANISTER_SIZES, withReserve } from '../../domain/carry';
import { isGas } from '../../domain/catalogue';
import { airKeyOf, isAfterSupper } from '../../domain/menu';
import type { Meal, MealName, Trip } from '../../domain/model';
import {
  burnFacts,
  carrySpans,
  dayConditions,
  FRESH_CAN,
  hardwareMassG,
  heldSetting,
  isBanned,
  kitInUse,
  ownRange,
  factsOfNextPotful,
  tryBurn,
  wantedOn,
  type KitInUse,
  type PlanCache,
} from '../../planning/plan';
import type { BurnFacts, DayConditions } from '../../planning/planned';
import type { Candidate } from './candidates';

/** What a candidate comes to at least, without planning it. */
export interface Least {
  averageG: number;
  minutesADay: number;
  /** Hot meals a day, exactly, where none fails. */
  hotADay: number;
  /** Wanted meals that are known to stay cold. */
  coldMeals: number;
}

/** Fuel and time at least, of a day or a meal. */
interface LeastBurn {
  fuelG: number;
  durationS: number;
}
interface LeastDay extends LeastBurn {
  hot: number;
  cold: number;
}

/**
 * A lower bound on carried weight and minutes: every meal takes no less than heating its water and pot at the best efficiency its flame has in
 * that wind (of a can), or its very burn (of what needs no can); on every morning there is at least what is still to be burnt on the carry, with
 * the reserve, in the lightest container.
 */
export function leastOf({ trip }: Pick<Candidate, 'trip'>, cache?: PlanCache): Least {
  const use = kitInUse(trip.kit, cache);
  const conditions = dayConditions(trip, cache);
  const days = conditions.map((day) => leastDay(use, trip, day));
  const sum = (of: (d: LeastDay) => number): number => days.reduce((s, d) => s + of(d), 0);
  return {
    averageG: hardwareMassG(trip) + fuelLoad(trip, use, conditions, days) / days.length,
    minutesADay: sum((d) => d.durationS) / 60 / days.length,
    hotADay: sum((d) => d.hot) / days.length,
    coldMeals: sum((d) => d.cold),
  };
}

/** Where no flame at all is allowed nobody's meal is hot, and none fails. */
function leastDay(use: KitInUse, trip: Trip, day: DayConditions): LeastDay {
  const sum: LeastDay = { fuelG: 0, durationS: 0, hot: 0, cold: 0 };
  const wanted = use.burner.family === 'none' || day.restriction === 'noFlame' ? [] : wantedOn(trip, day);
  if (isBanned(use, day.restriction)) return { ...sum, cold: wanted.length };
  for (const [name, meal] of wanted) {
    const least = leastMeal(use, factsOf(use, trip, day, name, meal));
    sum.fuelG += least?.fuelG ?? 0;
    sum.durationS += least?.durationS ?? 0;
    sum.hot++;
    if (!least) sum.cold++;
  }
  return sum;
}

/** Straight after another burn nothing is primed, and the pot is at most as hot as water boils. */
function factsOf(use: KitInUse, trip: Trip, day: DayConditions, name: MealName, meal: Meal): BurnFacts {
  const facts = burnFacts(use, meal, day, day[airKeyOf(name)]);
  return trip.oneLighting && isAfterSupper(name) ? factsOfNextPotful(facts, boilingPointC(facts.pressurePa)) : facts;
}

function leastMeal(use: KitInUse, facts: BurnFacts): LeastBurn | undefined {
  if (!isGas(use.burner)) {
    const burn = tryBurn(use, facts, FRESH_CAN);
    return isDone(burn) ? { fuelG: burn.fuelG, durationS: burn.durationS } : undefined;
  }
  if (facts.target.kind === 'fry') return { fuelG: 0, durationS: 0 };
  const boilC = boilingPointC(facts.pressurePa);
  const path = heatPath(facts.waterMl, potHeatCapacityJPerK(facts.pot), facts.start);
  const heatJ = Math.max(0, path.thetaAt(targetOf(facts.target, boilC)) * path.capacityJPerK);
  const eta = meanEfficiency(facts, windLevels(facts));
  const fullW = ownRange(use).ratedW * heldSetting(use.kit, use.burner);
  return { fuelG: heatJ / (eta(0) * use.lhvKJPerG * 1000), durationS: heatJ / (fullW * eta(fullW)) + facts.holdS };
}

/** Fuel and containers summed over the mornings, g·days: nothing is carried where fuel is gathered, or the walker's own may serve. */
function fuelLoad(trip: Trip, use: KitInUse, conditions: readonly DayConditions[], days: readonly LeastBurn[]): number {
  if (use.fuel.kind === 'wood' || use.fuel.kind === 'none') return 0;
  const factor = withReserve(trip);
  const leastTareG = use.fuel.kind === 'gas' ? Math.min(...[...CANISTER_SIZES, ...trip.own].map((c) => c.tareG)) : 0;
  let sum = 0;
  for (const { fromStop, toStop } of carrySpans({ trip, fromLeg: 0, toLeg: trip.legs.length }, use)) {
    const own = days.filter((_, i) => conditions[i]!.leg >= fromStop && conditions[i]!.leg < toStop);
    const demandG = own.reduce((g, d) => g + d.fuelG, 0);
    let burntG = 0;
    for (const d of own) {
      sum += factor * demandG - burntG + (demandG > 0 ? leastTareG : 0);
      burntG += d.fuelG;
    }
  }
  return sum;
}
