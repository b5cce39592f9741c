import { MEALS } from '../../domain/model';
import { isCooked, type Plan } from '../../planning/planned';

/** How the hot meals of one plan fare against those of another of the same days. */
export interface MealChange {
  /** Failed before and are cooked now, less those that were cooked and fail now. */
  mealsMended: number;
  /** Were cooked and are eaten cold or left out now. */
  givenUp: number;
}

/** Counts meals really cooked: one that is no longer wanted hot is given up, neither mended nor lost. */
export function mealChange(now: Pick<Plan, 'days'>, then: Pick<Plan, 'days'>): MealChange {
  const change = { mealsMended: 0, givenUp: 0 };
  now.days.forEach((day, i) => {
    for (const name of MEALS) {
      const before = day.meals[name];
      const after = then.days[i]!.meals[name];
      if (!before) continue;
      if (!after) change.givenUp += isCooked(before) ? 1 : 0;
      else change.mealsMended += Number(isCooked(after)) - Number(isCooked(before));
    }
  });
  return change;
}
