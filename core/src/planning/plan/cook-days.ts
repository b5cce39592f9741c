import type { Burn } from '../../physics/burn';
import { drawnDown, type Container } from '../../domain/carry';
import { hasShutOff } from '../../domain/catalogue';
import { airKeyOf, isAfterSupper, isEatenOut, isHot, mealOn, mealsEaten, streamWaterMl } from '../../domain/menu';
import type { Meal, MealName, Trip } from '../../domain/model';
import { burnFacts, factsOfNextPotful, tryBurn } from './burn-facts';
import { canRack, cansIn, containersWith, type CanRack, type CansNow, type RackedCan } from './can-rack';
import type { CookedDay, ToCook } from './cooked-day';
import {
  doneMeals,
  isCooked,
  type Cooked,
  type BurnFacts,
  type DayConditions,
  type MealBurn,
  type PlanDay,
  type PlannedMeal,
} from '../planned';

import { FRESH_CAN } from './evenings';
import type { KitInUse } from './kit-in-use';
import { cookMeal } from './meal-burn';

/** Is this kit's flame forbidden there? Burners with a shut-off valve usually pass where open flames do not. */
export function isBanned({ burner }: KitInUse, restriction: DayConditions['restriction']): boolean {
  return restriction === 'noFlame' || (restriction === 'noOpenFlame' && !hasShutOff(burner));
}

/** Days cooked, and the containers as they are after them, in the order in which they were given. */
export interface CookedDays {
  days: PlanDay[];
  left: Container[];
}

/**
 * Burns every hot meal in order out of the containers that are carried. A can that is too weak for a meal is passed over for the next one
 * that cooks it, and used again when it can. Meals under a ban or eaten out are not cooked.
 */
export function cookDays(trip: Trip, use: KitInUse, conditions: readonly DayConditions[], containers: readonly Container[]): CookedDays {
  const isOnCans = use.fuel.kind === 'gas';
  let cans = isOnCans ? cansIn(containers) : NO_CANS;
  let poured = 0;
  const days = conditions.map((day, i) => {
    const next = day.dry ? conditions[i + 1] : undefined;
    const cooked = cookedDay(trip, use, day, next, cans);
    ({ cans } = cooked);
    poured += cooked.day.fuelG;
    return cooked.day;
  });
  return { days, left: isOnCans ? containersWith(containers, cans) : drawnDown(containers, poured) };
}
const NO_CANS = cansIn([]);

/** Fuel that a day burns by itself, out of cans as they are, g. */
export const burntOnDayG = (trip: Trip, use: KitInUse, day: DayConditions, cans: CansNow): number =>
  cookedDay(trip, use, day, undefined, cans).day.fuelG;

/** A day cooked from cans as they are; `next` is the day after a dry camp. */
const cookedDay = (trip: Trip, use: KitInUse, day: DayConditions, next: DayConditions | undefined, cans: CansNow): CookedDay =>
  use.cache.cookedDay({ trip, kit: use.kit }, [day, next], cans, () => cookDay(trip, use, day, next, cans));

function cookDay(trip: Trip, use: KitInUse, day: DayConditions, next: DayConditions | undefined, before: CansNow): CookedDay {
  const rack = canRack(before);
  const meals: PlanDay['meals'] = {};
  let fuelG = 0;
  let lit: PlannedMeal | undefined;
  for (const { name, facts: cold } of toCookOn(trip, use, day)) {
    const after = trip.oneLighting && isAfterSupper(name) ? lit?.burn : undefined;
    const facts = after ? use.cache.nextPotful(cold, after.targetC, () => factsOfNextPotful(cold, after.targetC)) : cold;
    const burnt = use.fuel.kind === 'gas' ? cookOnCans(use, facts, rack) : cookMeal(use, facts, FRESH_CAN);
    const planned: PlannedMeal = { ...burnt, meal: name, day: day.day };
    meals[name] = planned;
    if (isAfterSupper(name) || name === 'supper') lit = isCooked(planned) ? planned : undefined;
    fuelG += planned.fuelG;
  }
  const carriedWaterMl = day.dry ? dryCampWaterMl(trip, day, next) : 0;
  return { day: { ...day, meals, fuelG, carriedWaterMl }, cans: rack.now() };
}

type OnCan = Required<Pick<PlannedMeal, 'canFraction' | 'canAt'>> & Pick<PlannedMeal, 'canFrom'>;

/** Longest wait for a weak can while a better one is in the pack, s (assumption). */
const LONG_WAIT_S = 1800;

/** Picks the first can, in order of use, that cooks the meal in good time; else the first that cooks it at all; else the first. */
function cookOnCans(use: KitInUse, facts: BurnFacts, rack: CanRack): MealBurn & OnCan {
  const tried: Tried[] = [];
  let taken: Tried | undefined;
  for (const number of rack.candidates()) {
    const here = tryOnCan(use, facts, rack, number);
    tried.push(here);
    if (!isCooked(here) || here.burn.durationS > LONG_WAIT_S) continue;
    taken = here;
    break;
  }
  const { number, lit, burn } = taken ?? tried.find(isCooked) ?? tried[0]!;
  const meal = cookMeal(use, facts, lit.can, burn);
  const first = rack.can(number);
  rack.draw(number, meal.fuelG);
  const from = first.at === lit.at ? {} : { canFrom: first.at };
  return { ...meal, canFraction: lit.can.fuelLeftG / lit.can.netG, canAt: lit.at, ...from };
}

interface Tried {
  number: number;
  /** The can that the meal is judged by. */
  lit: RackedCan;
  burn: Burn;
}

/** A can that would run dry is finished off first; the meal is judged by the one that finishes it. */
function tryOnCan(use: KitInUse, facts: BurnFacts, rack: CanRack, number: number): Tried {
  const first = rack.can(number);
  const burn = tryBurn(use, facts, first.can);
  if (burn.fuelG <= first.can.fuelLeftG) return { number, lit: first, burn };
  const lit = rack.can(rack.next(number));
  return { number, lit, burn: tryBurn(use, facts, lit.can) };
}

const toCookOn = (trip: Trip, use: KitInUse, day: DayConditions): readonly ToCook[] =>
  use.cache.meals({ trip, kit: use.kit }, day, () =>
    cookedOn(trip, use, day).map(([name, meal]) => ({ name, facts: burnFacts(use, meal, day, day[airKeyOf(name)]) })),
  );

/** The dishes of a day that are hot and neither bought nor forbidden. */
function cookedOn(trip: Trip, use: KitInUse, day: DayConditions): [MealName, Meal][] {
  if (use.burner.family === 'none' || isBanned(use, day.restriction)) return [];
  return wantedOn(trip, day);
}

/** The dishes of a day that want heat, whether a flame is allowed or not. */
export const wantedOn = (trip: Trip, day: DayConditions): [MealName, Meal][] => mealsEaten(trip, day).filter(([, meal]) => isHot(meal));

/** Cooking water for the evening of a dry camp and the breakfast after it, hot or cold, mL; a drink or wash-up only where there is one. */
function dryCampWaterMl(trip: Trip, day: DayConditions, next: DayConditions | undefined): number {
  const water = (name: MealName, on: DayConditions): number => {
    const meal = mealOn(trip, on.day, name, on.dishes);
    const made = name === 'supper' || name === 'breakfast' || isHot(meal);
    return made && !isEatenOut(name, on.eatsOut) ? streamWaterMl(meal) : 0;
  };
  return water('supper', day) + water('drink', day) + water('washUp', day) + (next ? water('breakfast', next) : 0);
}

/** Hot meals wanted on the trip that stay cold: forbidden, without a burner, or beyond what the burn can do. */
export function missedMeals(trip: Trip, plan: Cooked): number {
  return hotMealsWanted(trip, plan) - doneMeals(plan);
}

/** Dishes of the trip that want heat and are not bought. */
export const hotMealsWanted = (trip: Trip, plan: Cooked): number => plan.days.reduce((n, d) => n + wantedOn(trip, d).length, 0);
