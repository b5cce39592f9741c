import { isDone } from '../../physics/burn';
import { mealOn } from '../../domain/menu';
import type { MealName, Trip } from '../../domain/model';
import { FRESH_CAN, kitInUse, tryBurn } from '../../planning/plan';
import { isCooked, type Plan, type PlannedMeal } from '../../planning/planned';
import { EATABLE_C } from './dish-card';
import { dishRest } from './dish-rest';

/** The pot at a time after lighting, s and °C. */
export interface PotPoint {
  s: number;
  potC: number;
}

/** A dish from lighting to eating on one axis of time. */
export interface DishCurve {
  /** On the flame: heated up and held there. */
  heating: PotPoint[];
  /** Off the flame, the food stirred in. */
  resting: PotPoint[];
  flameOffS: number;
  /** Cooked through; undefined where it cools too soon. */
  doneS: number | undefined;
  /** Done, and no hotter than can be eaten; undefined where it is never done. */
  eatS: number | undefined;
}

/** Temperatures on the way up that are looked at, and points of the way down. */
const STEPS = 8;
/** What is drawn beyond the last thing that happens, s; and at most. */
const BEYOND_S = 240;
const LONGEST_S = 90 * 60;

/** How the dish of a part of `day` (1-based) heats up, is held and rests by the plan; undefined for cold food, a pan, or a dish that fails. */
export function dishCurve(trip: Trip, plan: Plan, day: number, name: MealName): DishCurve | undefined {
  const conditions = plan.days[day - 1];
  const planned = conditions?.meals[name];
  if (!planned || !isCooked(planned) || !isDone(planned.burn) || planned.facts.target.kind === 'fry') return undefined;
  const meal = mealOn(trip, day, name, conditions.dishes);
  const { facts, burn } = planned;
  const flameOffS = burn.durationS;
  const { cooling, needS } = dishRest(meal, facts, burn.targetC);
  const doneS = needS === undefined ? undefined : flameOffS + needS;
  const eatS = doneS === undefined ? undefined : Math.max(doneS, flameOffS + cooling.untilC(EATABLE_C));
  const lastS = Math.min(LONGEST_S, Math.max(eatS ?? 0, flameOffS + meal.restMin * 60) + BEYOND_S);
  const resting = Array.from({ length: 4 * STEPS + 1 }, (_, i) => (i * (lastS - flameOffS)) / (4 * STEPS));
  return {
    heating: heatingOf(trip, planned),
    resting: resting.map((s) => ({ s: flameOffS + s, potC: cooling.atS(s) })),
    flameOffS,
    doneS,
    eatS,
  };
}

/** The way up: what it takes to stop at temperatures on the way, with a fresh canister, on the scale of the time that is planned. */
function heatingOf(trip: Trip, { facts, burn }: PlannedMeal): PotPoint[] {
  const use = kitInUse(trip.kit);
  const heatS = burn.durationS - facts.holdS;
  const startC = facts.start.kind === 'water' ? facts.start.waterC : 0;
  const bare = { ...facts, holdS: 0, foodJPerK: 0 };
  const until = (potC: number): number | undefined => {
    const on = tryBurn(use, { ...bare, target: { kind: 'stopAt', targetC: potC } }, FRESH_CAN);
    return isDone(on) ? on.durationS : undefined;
  };
  const wholeS = until(burn.targetC) ?? heatS;
  const way = Array.from({ length: STEPS - 1 }, (_, i) => startC + ((i + 1) * (burn.targetC - startC)) / STEPS);
  const points = way.flatMap((potC) => {
    const s = until(potC);
    return s === undefined ? [] : [{ s: (s * heatS) / wholeS, potC }];
  });
  const end = { s: heatS, potC: burn.targetC };
  return [{ s: 0, potC: startC }, ...points, end, ...(facts.holdS > 0 ? [{ s: burn.durationS, potC: burn.targetC }] : [])];
}
