import { cookedMin, HOT_C, isDone } from '../../physics/burn';
import { mealOn, potFillMl, swollenMl } from '../../domain/menu';
import { clamp, LIMITS, type Meal, type MealName, type Trip } from '../../domain/model';
import { FRESH_CAN, kitInUse, onEvening, tryBurn } from '../../planning/plan';
import { isCooked, type Plan, type PlannedMeal } from '../../planning/planned';
import { SPREADS, WIND_CLASS } from '../../planning/risk';
import { dishRest } from './dish-rest';

/** How one dish of one day is cooked, as it is read at the stove. */
export interface DishCard {
  meal: Meal;
  name: MealName;
  day: number;
  /** Absent for cold food. */
  cooked?: CookedDish;
  potFillMl: number;
  swollenMl: number;
}
export interface CookedDish {
  planned: PlannedMeal;
  /** From the quickest to the slowest over a day's spread of water and wind, s; the slowest is undefined where it fails. */
  quickS: number;
  slowS: number | undefined;
  /** After stirring the food in, °C. */
  mixedC: number;
  /** Rest that cooks it through here, s: 0 where the simmer has done it, undefined where it cools too soon. */
  needRestS: number | undefined;
  /** At the end of the rest that is planned, °C, and how far it is cooked by then, minutes at 90 °C. */
  eatenC: number;
  cookedMin: number;
  /** From the flame until it can be eaten without burning the tongue, s. */
  coolS: number;
}

/** Food hotter than this burns, °C (common practice: drinks are served at 60 to 65 °C). */
export const EATABLE_C = HOT_C + 3;

/** The card of a part of `day` (1-based); undefined past the end of the trip. */
export function dishCard(trip: Trip, plan: Plan, day: number, name: MealName): DishCard | undefined {
  const conditions = plan.days[day - 1];
  if (!conditions) return undefined;
  const meal = mealOn(trip, day, name, conditions.dishes);
  const planned = conditions.meals[name];
  const card: DishCard = {
    meal,
    name,
    day,
    potFillMl: potFillMl(meal),
    swollenMl: swollenMl(meal.dryG),
  };
  if (!planned || !isCooked(planned)) return card;
  return { ...card, cooked: cookedDish(trip, meal, planned) };
}

function cookedDish(trip: Trip, meal: Meal, planned: PlannedMeal): CookedDish {
  const { facts, burn } = planned;
  const { mixedC, cooling, simmeredMin, needS } = dishRest(meal, facts, burn.targetC);
  const restS = meal.restMin * 60;
  const [quickS, slowS] = spreadS(trip, planned);
  return {
    planned,
    quickS: quickS ?? burn.durationS,
    slowS,
    mixedC,
    needRestS: needS,
    eatenC: cooling.atS(restS),
    cookedMin: simmeredMin + cookedMin(cooling.atS, restS),
    coolS: cooling.untilC(EATABLE_C),
  };
}

/** Time on a kind evening and on a hard one: water 3 K warmer or colder, wind one class down or up, against the time that is planned. */
function spreadS(trip: Trip, { facts, burn: planned }: PlannedMeal): [number | undefined, number | undefined] {
  const use = kitInUse(trip.kit);
  // how far an evening moves it is read with a fresh can; the can as it is then stands in the time that is planned
  const usual = tryBurn(use, facts, FRESH_CAN);
  const lasts = (waterK: number, wind: number): number | undefined => {
    const f = onEvening(facts, waterK, wind);
    const burn = tryBurn(use, f, FRESH_CAN);
    return isDone(burn) && isDone(usual) ? (planned.durationS * burn.durationS) / usual.durationS : undefined;
  };
  return [lasts(SPREADS.waterK, WIND_CLASS.down), lasts(-SPREADS.waterK, WIND_CLASS.up)];
}

/** The walker's word on a dish moves what it needs: hard asks for a quarter more than it got, mush for a fifth less. */
export const VERDICT_FACTOR = { hard: 1.25, good: 1, mush: 0.8 } as const;
export type DoneVerdict = keyof typeof VERDICT_FACTOR;

/** Minutes at 90 °C a dish needs, learnt from one that got `cookedMin` and was found so. */
export const learntDoneMin = (cooked: number, verdict: DoneVerdict): number => clamp(cooked * VERDICT_FACTOR[verdict], LIMITS.doneMin);
