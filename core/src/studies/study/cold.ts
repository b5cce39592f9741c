import { ambientPressurePa } from '../../physics/air';
import { coldMap, flameStrength, lowestAirC, STRENGTHS, type ColdSetup, type Strength } from '../../physics/canister';
import { isGas } from '../../domain/catalogue';
import { FUELS } from '../../physics/fuel';
import { MEALS, type Trip } from '../../domain/model';
import { kitInUse, WITHDRAWAL_C } from '../../planning/plan';
import type { Plan } from '../../planning/planned';

/** Air temperature × fraction left, with the trip's own meals on it. */
export interface ColdView {
  airC: number[];
  fractions: number[];
  /** Strength 0–1: rows by fraction, columns by air temperature. */
  strength: number[][];
  /** Lowest air temperature for each class, with a full can and a nearly empty one, °C. */
  limits: { name: Strength; fullC: number | undefined; lowC: number | undefined }[];
  meals: { day: number; meal: (typeof MEALS)[number]; airC: number; fraction: number; strength: number }[];
  /** Share of the trip's hot meals below a reduced flame (25 %). */
  belowLimit: number;
}

const GRID = { fromC: -30, toC: 25, columns: 60, rows: 40 };
const NEARLY_EMPTY = 0.1;

/** How a trip's kit is judged in the cold at a height; undefined for kits without a canister. */
export function coldSetup(trip: Trip, altitudeM: number): ColdSetup | undefined {
  const { burner, fuel, kit } = kitInUse(trip.kit);
  if (!isGas(burner) || fuel.kind !== 'gas') return undefined;
  return {
    feed: burner.feed,
    blend: fuel.blend,
    pressurePa: ambientPressurePa(altitudeM),
    warming: kit.canWarming,
    withdrawalC: WITHDRAWAL_C,
  };
}

/** The cold map at `altitudeM`: strength when lit, the limits, and every hot meal of the trip as a point at its own height. */
export function coldView(trip: Trip, plan: Plan, altitudeM: number): ColdView | undefined {
  const setup = coldSetup(trip, altitudeM);
  if (!setup) return undefined;
  const airC = Array.from({ length: GRID.columns }, (_, i) => GRID.fromC + ((GRID.toC - GRID.fromC) * (i + 0.5)) / GRID.columns);
  const fractions = Array.from({ length: GRID.rows }, (_, i) => (i + 0.5) / GRID.rows);
  const meals = plan.days.flatMap((d) =>
    MEALS.flatMap((meal) => {
      const m = d.meals[meal];
      if (m?.canFraction === undefined) return [];
      const strength = flameStrength({ ...setup, pressurePa: m.facts.pressurePa }, m.facts.airC, m.canFraction);
      return [{ day: d.day, meal, airC: m.facts.airC, fraction: m.canFraction, strength }];
    }),
  );
  return {
    airC,
    fractions,
    strength: coldMap(setup, airC, fractions),
    limits: STRENGTHS.filter((s) => s.least > 0).map(({ name, least }) => ({
      name,
      fullC: lowestAirC(setup, 1, least),
      lowC: lowestAirC(setup, NEARLY_EMPTY, least),
    })),
    meals,
    belowLimit: meals.length ? meals.filter((m) => m.strength < 0.25).length / meals.length : 0,
  };
}

/** A blend at one place of the cold map, the strongest first. */
export interface BlendHere {
  fuelId: string;
  name: string;
  /** Strength of the flame when lit, 0–1. */
  strength: number;
}

/** Every gas there is, as strong as the kit's burner would be on it at `altitudeM` in air of `airC` with `fraction` (0–1) of the can left; empty without a can. */
export function blendsHere(trip: Trip, altitudeM: number, airC: number, fraction: number): BlendHere[] {
  const setup = coldSetup(trip, altitudeM);
  if (!setup) return [];
  return FUELS.flatMap((f): BlendHere[] =>
    f.kind === 'gas' ? [{ fuelId: f.id, name: f.name, strength: flameStrength({ ...setup, blend: f.blend }, airC, fraction) }] : [],
  ).sort((a, b) => b.strength - a.strength);
}
