import { simulateBurn } from '../burn';
import { MEALS, type MealName, type Trip } from '../model';
import {
  dosed,
  FRESH_CAN,
  kitInUse,
  onEvening,
  sourceFor,
  type BurnFacts,
  type CarryPlan,
  type KitInUse,
  type Plan,
  type PlannedMeal,
} from '../plan';
import {
  fuelForRisk,
  runOutRisk,
  SPREADS,
  WIND_CLASS,
  type CarryRisk,
  type Mishaps,
  type UncertainBurn,
  type UncertainCarry,
} from '../risk';
import { tripOnLeg } from '../trail';

/** Kelvin by which water and air are moved to see what they do to a burn: a spread of the water. */
const STEP_K = SPREADS.waterK;
/** A wind may cost at most so many times the expected; one that blows the flame out is waited for, at the expected fuel (assumption). */
const LONGEST_FACTOR = 3;

/** The fuel of a burn on another evening, g; undefined where it would not be finished. */
function fuelOn(use: KitInUse, facts: BurnFacts, canFraction: number | undefined): number | undefined {
  const can = canFraction === undefined ? FRESH_CAN : { ...FRESH_CAN, fuelLeftG: Math.max(1, canFraction * FRESH_CAN.netG) };
  const { burn } = dosed(use, simulateBurn({ ...facts, source: sourceFor(use, facts, can) }), facts);
  return burn.outcome.kind === 'done' ? burn.fuelG : undefined;
}

/** How one planned meal's fuel moves with water, air and wind, by the full model in five burns besides. */
export function uncertainBurn(use: KitInUse, meal: PlannedMeal, airSdK: number): UncertainBurn {
  const { facts, burn, canFraction } = meal;
  const base = fuelOn(use, facts, canFraction) ?? burn.fuelG;
  const change = (other: BurnFacts): number => (fuelOn(use, other, canFraction) ?? base) - base;
  const warmer = { ...facts, airC: facts.airC + STEP_K };
  const factor = (wind: number): number => {
    const there = fuelOn(use, onEvening(facts, 0, wind), canFraction);
    return there === undefined || base === 0 ? 1 : Math.min(LONGEST_FACTOR, there / base);
  };
  return {
    fuelG: burn.fuelG,
    perWaterK: change(onEvening(facts, STEP_K, 1)) / STEP_K,
    perAirK: change(warmer) / STEP_K,
    windDown: factor(WIND_CLASS.down),
    windUp: factor(WIND_CLASS.up),
    airSdK,
  };
}

/** A planned carry made ready for the draw. */
export function uncertainCarry(trip: Trip, carry: CarryPlan): UncertainCarry {
  const use = kitInUse(tripOnLeg(trip, carry.fromStop).kit);
  const spreads = trip.legs.flatMap((l) => l.days.map((d) => d.spreadC));
  return {
    fuelG: carry.fuelG,
    days: carry.days.map((d) =>
      MEALS.flatMap((name: MealName) => {
        const meal = d.meals[name];
        return meal && meal.burn.fuelG > 0 ? [uncertainBurn(use, meal, spreads[d.day - 1] ?? 0)] : [];
      }),
    ),
  };
}

/** Trips tried; a probability near 2 % is then known to 0.14 % (one standard deviation of a share drawn so often). */
export const TRIPS_TRIED = 10_000;
/** Where nothing else is asked for. */
export const RISK_SEED = 1;

/** One carry's demand, drawn `trips` times; undefined where it burns nothing from stock. */
export const carryRisk = (trip: Trip, carry: CarryPlan, mishaps: Mishaps, trips: number, seed = RISK_SEED): CarryRisk | undefined =>
  carry.demandG > 0 ? runOutRisk([uncertainCarry(trip, carry)], trips, seed, mishaps)[0] : undefined;

/** The chance of running out on a carry that the walker would live with, 0–1. */
export const riskLimit = (trip: Pick<Trip, 'loadOut'>): number => trip.loadOut.riskLimitPercent / 100;

/** A carry's risk without the thousands of trips behind it, with the fuel that would keep it to the walker's limit, g. */
export type RiskOfCarry = Omit<CarryRisk, 'demandsG'> & { fuelForLimitG: number };

export function riskOfCarry(trip: Pick<Trip, 'loadOut'>, risk: CarryRisk): RiskOfCarry {
  const { demandsG: _many, ...rest } = risk;
  return { ...rest, fuelForLimitG: fuelForRisk(risk, riskLimit(trip)) };
}

/** A carry and how likely it runs out. */
export interface CarryAtRisk {
  carry: CarryPlan;
  risk: RiskOfCarry;
}

/** Run-out risk of every carry of a plan; carries of gathered or no fuel cannot run out. */
export function planRisk(trip: Trip, plan: Plan, mishaps: Mishaps, seed = RISK_SEED, trips = TRIPS_TRIED): (CarryRisk | undefined)[] {
  const carried = plan.carries.map((c) => (c.fuelG > 0 ? uncertainCarry(trip, c) : undefined));
  const risks = runOutRisk(
    carried.flatMap((c) => c ?? []),
    trips,
    seed,
    mishaps,
  );
  let next = 0;
  return carried.map((c) => (c ? risks[next++] : undefined));
}
