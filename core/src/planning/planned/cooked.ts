import { isDone, type Burn } from '../../physics/burn';
import { MEALS } from '../../domain/model';
import type { MealBurn, PlanDay } from './plan-day';

/** Days of a plan, of a carry, or any others. */
export interface Cooked {
  days: readonly PlanDay[];
}

/** Is there such a meal, and does its burn finish? */
export const isCooked = (meal: { burn: Burn } | undefined): boolean => meal !== undefined && isDone(meal.burn);

/** Hot meals that their burns finish. */
export const doneMeals = (plan: Cooked): number => plan.days.reduce((n, d) => n + MEALS.filter((m) => isCooked(d.meals[m])).length, 0);

/** Hot meals, in order, that are done before so much fuel is used up. */
export function cookedWithin(days: readonly PlanDay[], fuelG: number): number {
  let left = fuelG + 1e-9;
  let cooked = 0;
  for (const day of days)
    for (const name of MEALS) {
      const meal = day.meals[name];
      if (!meal) continue;
      left -= meal.fuelG;
      if (left < 0) return cooked;
      if (isCooked(meal)) cooked++;
    }
  return cooked;
}

/** Hot meals that no burn could finish. */
export function unfinishedMeals(plan: Cooked): number {
  return plan.days.reduce((n, d) => n + MEALS.filter((m) => d.meals[m] && !isCooked(d.meals[m])).length, 0);
}

/** The burn that counts: as it goes, or at its edge. */
export const countedBurn = ({ burn, atEdge }: Pick<MealBurn, 'burn' | 'atEdge'>): Burn => atEdge ?? burn;
