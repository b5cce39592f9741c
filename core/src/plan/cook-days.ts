import type { Can } from '../canister';
import type { Container } from '../carry';
import { hasShutOff } from '../catalogue';
import { isEatenOut, isHot, mealOn } from '../menu';
import { MEALS, type Meal, type MealName, type Trip } from '../model';
import type { DayConditions } from './day-conditions';
import { FRESH_CAN } from './evenings';
import { burnMeal, type KitInUse, type MealBurn } from './meal-burn';

/** A day with its hot meals cooked. */
export interface PlanDay extends DayConditions {
  meals: Partial<Record<MealName, PlannedMeal>>;
  /** Fuel burnt this day, g. */
  fuelG: number;
  /** Water carried to a dry camp for its supper and the breakfast after it, mL. */
  carriedWaterMl: number;
}

export interface PlannedMeal extends MealBurn {
  meal: MealName;
  day: number;
  /** Share of the net mass in the can when lit, 0–1; absent without a can. */
  canFraction?: number;
}

/** Days of a plan, of a carry, or any others. */
type Cooked = { days: readonly PlanDay[] };

/** Is this kit's flame forbidden there? Burners with a shut-off valve usually pass where open flames do not. */
export function isBanned({ burner }: KitInUse, restriction: DayConditions['restriction']): boolean {
  return restriction === 'noFlame' || (restriction === 'noOpenFlame' && !hasShutOff(burner));
}

/** Burns every hot meal in order, drawing canisters down one after another. Meals under a ban or eaten out are not cooked. */
export function cookDays(trip: Trip, use: KitInUse, conditions: readonly DayConditions[], containers: readonly Container[]): PlanDay[] {
  const rack = canRack(containers);
  return conditions.map((day, i) => {
    const meals: PlanDay['meals'] = {};
    let fuelG = 0;
    let lit: PlannedMeal | undefined;
    for (const [name, meal] of cookedOn(trip, use, day)) {
      const airC = name === 'breakfast' ? day.breakfastAirC : day.supperAirC;
      const after = trip.oneLighting && SAME_LIGHTING.includes(name) ? lit?.burn : undefined;
      let burnt = burnMeal(use, meal, day, airC, rack.current(), after);
      // a can that would run dry is finished off first; the meal is judged by the fresh one that finishes it
      if (use.fuel.kind === 'gas' && burnt.burn.fuelG > rack.current().fuelLeftG)
        burnt = burnMeal(use, meal, day, airC, rack.next(), after);
      const inUse = use.fuel.kind === 'gas' ? rack.current() : undefined;
      const planned: PlannedMeal = { ...burnt, meal: name, day: day.day, ...(inUse ? { canFraction: inUse.fuelLeftG / inUse.netG } : {}) };
      meals[name] = planned;
      if (SAME_LIGHTING.includes(name) || name === 'supper') lit = planned.burn.outcome.kind === 'done' ? planned : undefined;
      rack.draw(burnt.burn.fuelG);
      fuelG += burnt.burn.fuelG;
    }
    return { ...day, meals, fuelG, carriedWaterMl: day.dry ? dryCampWaterMl(trip, day, conditions[i + 1]) : 0 };
  });
}

/** What is heated straight after the supper where one lighting serves for all. */
const SAME_LIGHTING: readonly MealName[] = ['drink', 'washUp'];

/** The dishes of a day that are hot and neither bought nor forbidden. */
function cookedOn(trip: Trip, use: KitInUse, day: DayConditions): [MealName, Meal][] {
  if (use.burner.family === 'none' || isBanned(use, day.restriction)) return [];
  return wantedOn(trip, day);
}

/** The dishes of a day that want heat, whether a flame is allowed or not. */
export const wantedOn = (trip: Trip, day: DayConditions): [MealName, Meal][] =>
  MEALS.filter((name) => !isEatenOut(name, day.eatsOut))
    .map((name): [MealName, Meal] => [name, mealOn(trip, day.day, name, day.dishes)])
    .filter(([, meal]) => isHot(meal));

/** Cooking water for the evening of a dry camp and the breakfast after it, hot or cold, mL; a drink or wash-up only where there is one. */
function dryCampWaterMl(trip: Trip, day: DayConditions, next: DayConditions | undefined): number {
  const water = (name: MealName, on: DayConditions): number => {
    const meal = mealOn(trip, on.day, name, on.dishes);
    const made = name === 'supper' || name === 'breakfast' || isHot(meal);
    return made && !isEatenOut(name, on.eatsOut) ? meal.waterMl : 0;
  };
  return water('supper', day) + water('drink', day) + water('washUp', day) + (next ? water('breakfast', next) : 0);
}

/** The canisters of a load-out in order of use; past the last one a middle-sized spare stands in, so that a first guess may be too small. */
function canRack(containers: readonly Container[]) {
  const cans: Can[] = containers.flatMap((c) =>
    c.kind === 'canister' && c.fuelG > 0 ? [{ netG: c.netG, tareG: c.tareG, fuelLeftG: c.fuelG }] : [],
  );
  let at = 0;
  const can = (i: number): Can => (cans[i] ??= FRESH_CAN);
  return {
    current: () => can(at),
    next: () => can(at + 1),
    draw(g: number): void {
      const taken = Math.min(g, can(at).fuelLeftG);
      cans[at] = { ...can(at), fuelLeftG: can(at).fuelLeftG - taken };
      if (g > taken) {
        at++;
        this.draw(g - taken);
      }
    },
  };
}

/** Hot meals wanted on the trip that stay cold: forbidden, without a burner, or beyond what the burn can do. */
export function missedMeals(trip: Trip, plan: Cooked): number {
  return hotMealsWanted(trip, plan) - doneMeals(plan);
}

/** Hot meals that their burns finish. */
export const doneMeals = (plan: Cooked): number =>
  plan.days.reduce((n, d) => n + MEALS.filter((m) => d.meals[m]?.burn.outcome.kind === 'done').length, 0);

/** Hot meals, in order, that are done before so much fuel is used up. */
export function cookedWithin(days: readonly PlanDay[], fuelG: number): number {
  let left = fuelG + 1e-9;
  let cooked = 0;
  for (const day of days)
    for (const name of MEALS) {
      const meal = day.meals[name];
      if (!meal) continue;
      left -= meal.burn.fuelG;
      if (left < 0) return cooked;
      if (meal.burn.outcome.kind === 'done') cooked++;
    }
  return cooked;
}

/** Dishes of the trip that want heat and are not bought. */
export const hotMealsWanted = (trip: Trip, plan: Cooked): number => plan.days.reduce((n, d) => n + wantedOn(trip, d).length, 0);

/** Hot meals that no burn could finish. */
export function unfinishedMeals(plan: Cooked): number {
  return plan.days.reduce((n, d) => n + MEALS.filter((m) => d.meals[m] && d.meals[m].burn.outcome.kind !== 'done').length, 0);
}
