import { MEALS, type MealName, type Trip } from '../../domain/model';
import { doseRuleOf, doseTable, kitInUse, plannedSpread, reckonedBurn, type KitInUse, type PlanCache } from '../../planning/plan';
import type { CarryPlan, Plan, PlannedMeal } from '../../planning/planned';
import {
  fuelForRisk,
  runOutRisk,
  SPREADS,
  type CarryRisk,
  type Mishaps,
  type UncertainBurn,
  type UncertainCarry,
  riskLimit,
  TRIPS_TRIED,
} from '../../planning/risk';
import { tripOnLeg } from '../../domain/trail';
import { burnerDoubt } from './burner-doubt';

/** Kelvin by which the air is moved to see what it does to a burn. */
const STEP_K = SPREADS.waterK;

/** How one planned meal's need moves with water, air and wind, by the full model; evenings on which it fails count as at the edge of what works. */
export function uncertainBurn(use: KitInUse, meal: PlannedMeal, airSdK: number): UncertainBurn {
  const { facts } = meal;
  const { can, reckoned: planned, spread } = plannedSpread(use, meal);
  const { impossible: _counted, ...line } = spread;
  const { needG } = line;
  const warmer = reckonedBurn(use, { ...facts, airC: facts.airC + STEP_K }, can).burn.fuelG;
  const burn = { ...line, perAirK: (warmer - needG) / STEP_K, airSdK };
  const rule = doseRuleOf(use);
  // what the plan counts was cooked on the can as it was; the shape of the spread holds for it as well
  if (!rule) return { ...burn, ...scaled(burn, meal.fuelG / Math.max(1e-9, needG)) };
  const { best, relightG } = doseTable(use, rule, planned.burn, spread, facts.primingG);
  return { ...burn, dose: { rule, doseG: best.fuelG, relightG } };
}

const scaled = ({ needG, perWaterK, perAirK }: UncertainBurn, by: number): Pick<UncertainBurn, 'needG' | 'perWaterK' | 'perAirK'> => ({
  needG: needG * by,
  perWaterK: perWaterK * by,
  perAirK: perAirK * by,
});

/** A planned carry made ready for the draw. */
export function uncertainCarry(trip: Trip, carry: CarryPlan, cache?: PlanCache): UncertainCarry {
  const use = kitInUse(tripOnLeg(trip, carry.fromStop).kit, cache);
  const spreads = trip.legs.flatMap((l) => l.days.map((d) => d.spreadC));
  const factorSd = burnerDoubt(use.kit, carry, cache);
  return {
    place: carry.fromStop,
    ...(factorSd === undefined ? {} : { factorSd }),
    fuelG: carry.fuelG,
    fuelSdG: Math.hypot(...carry.containers.map((c) => c.own?.sdG ?? 0)),
    days: carry.days.map((d) => ({
      leg: d.leg,
      burns: MEALS.flatMap((name: MealName) => {
        const meal = d.meals[name];
        return meal && meal.fuelG > 0 ? [uncertainBurn(use, meal, spreads[d.day - 1] ?? 0)] : [];
      }),
    })),
  };
}

/** Where nothing else is asked for. */
export const RISK_SEED = 1;

/** One carry's demand, drawn `trips` times; undefined where it burns nothing from stock. */
export const carryRisk = (trip: Trip, carry: CarryPlan, mishaps: Mishaps, trips: number, cache?: PlanCache): CarryRisk | undefined =>
  carry.demandG > 0 ? runOutRisk([uncertainCarry(trip, carry, cache)], trips, RISK_SEED, mishaps)[0] : undefined;

/** A carry's risk without the thousands of trips behind it, with the fuel that would keep it to the walker's limit, g. */
export type RiskOfCarry = Omit<CarryRisk, 'demandsG' | 'drawnG' | 'knownG'> & {
  fuelForLimitG: number;
  /** Of that, what is asked for because burner, pot and hand may be off together, g: burn tests and a log narrow it. */
  unknownBurnerG: number;
};

export function riskOfCarry(trip: Pick<Trip, 'loadOut'>, risk: CarryRisk): RiskOfCarry {
  const { demandsG: _sorted, drawnG: _drawn, knownG, ...rest } = risk;
  const fuelForLimitG = fuelForRisk(risk, riskLimit(trip));
  return { ...rest, fuelForLimitG, unknownBurnerG: fuelForLimitG - fuelForRisk({ demandsG: knownG }, riskLimit(trip)) };
}

/** A carry and how likely it runs out. */
export interface CarryAtRisk {
  carry: CarryPlan;
  risk: RiskOfCarry;
}

/** How risk is drawn: by default as for the plan on screen. */
export interface RiskDraw {
  trips?: number;
  cache?: PlanCache;
}

/** Run-out risk of every carry of a plan; carries of gathered or no fuel cannot run out. */
export function planRisk(
  trip: Trip,
  plan: Plan,
  mishaps: Mishaps,
  { seed = RISK_SEED, trips = TRIPS_TRIED, cache }: RiskDraw & { seed?: number } = {},
): (CarryRisk | undefined)[] {
  const carried = plan.carries.filter((c) => c.fuelG > 0);
  const risks = runOutRisk(
    carried.map((c) => uncertainCarry(trip, c, cache)),
    trips,
    seed,
    mishaps,
  );
  return plan.carries.map((c) => risks[carried.indexOf(c)]);
}
