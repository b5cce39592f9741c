import { isDone } from '../../physics/burn';
import { isSimmered, mealOn, methodProblems, withMethod } from '../../domain/menu';
import type { MealName, Method, Trip } from '../../domain/model';
import { burnFacts, cookMeal, FRESH_CAN, kitInUse, type KitInUse } from '../../planning/plan';
import { isCooked, type BurnFacts, type Plan, type PlannedMeal } from '../../planning/planned';
import { dishRest } from './dish-rest';

/** One way to the same dish. */
export interface DishWay {
  method: Method;
  /** The way that is planned. */
  isPlanned: boolean;
  fuelG: number;
  /** From lighting until it is cooked through, s; a cold soak from pouring. */
  doneS: number;
}

/** Ways that lead to the same food, the flame longest first. */
const WAYS: readonly Method[] = ['simmer', 'boilPour', 'boilCozy', 'heatRest', 'coldSoak'];
/** Ways of a dish that has others; a drink, a pan or water alone has none. */
const HAS_WAYS: readonly Method[] = [...WAYS, 'homeDried', 'doseForget'];

/**
 * Every way this kit can go to the dish of a part of `day` (1-based), with its fuel and its time until done, the day's conditions and canister as
 * planned. What fails, and what cools before it is done, is left out; so is a cold soak of raw food. Empty where there is no other way.
 */
export function dishWays(trip: Trip, plan: Plan, day: number, name: MealName): DishWay[] {
  const conditions = plan.days[day - 1];
  const planned = conditions?.meals[name];
  if (!planned || !isCooked(planned)) return [];
  const meal = mealOn(trip, day, name, conditions.dishes);
  if (!HAS_WAYS.includes(meal.method) || !isDone(planned.burn)) return [];
  const use = kitInUse(trip.kit);
  const isRaw = isSimmered(meal);
  const methods = [meal.method, ...WAYS.filter((m) => m !== meal.method && !(isRaw && m === 'coldSoak'))];
  return methods.flatMap((method): DishWay[] => {
    const isPlanned = method === meal.method;
    const other = isPlanned ? meal : withMethod(meal, method);
    if (method === 'coldSoak') return [{ method, isPlanned, fuelG: 0, doneS: other.restMin * 60 }];
    if (methodProblems(trip.kit, other).length) return [];
    const facts = isPlanned ? planned.facts : factsOf(burnFacts(use, other, conditions, planned.facts.airC), planned.facts);
    const cooked = isPlanned ? planned : scaled(use, facts, planned);
    if (!cooked) return [];
    const { needS } = dishRest(other, facts, cooked.burn.targetC);
    return needS === undefined ? [] : [{ method, isPlanned, fuelG: cooked.fuelG, doneS: cooked.burn.durationS + needS }];
  });
}

/** Another way in the very place of the planned one: after what was cooked before it, on a stove that is lit or not. */
const factsOf = (other: BurnFacts, { start, primingG, jointLossG }: BurnFacts): BurnFacts => ({ ...other, start, primingG, jointLossG });

/** Another way with a fresh canister, on the scale of what the planned one takes with the canister in use; undefined where it fails. */
function scaled(use: KitInUse, facts: BurnFacts, planned: PlannedMeal): Pick<PlannedMeal, 'burn' | 'fuelG'> | undefined {
  const [usual, other] = [cookMeal(use, planned.facts, FRESH_CAN), cookMeal(use, facts, FRESH_CAN)];
  if (!isDone(other.burn) || !isDone(usual.burn)) return undefined;
  const longer = planned.burn.durationS / usual.burn.durationS;
  return {
    fuelG: (other.fuelG * planned.fuelG) / usual.fuelG,
    burn: { ...other.burn, durationS: other.burn.durationS * longer },
  };
}
