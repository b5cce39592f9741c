import { mealsEaten } from '../../domain/menu';
import type { Meal, MealName, Trip } from '../../domain/model';
import type { Plan } from '../../planning/planned';

/** A label for portions of one dish out of one stop. */
export interface FoodLabel {
  id: string;
  from: string;
  part: MealName;
  meal: Meal;
  /** Portions that wear it, and the days on which they are eaten. */
  count: number;
  days: number[];
}

/** Labels for everything that is bagged: one for each dish, part of the day and stop, in the order in which it is eaten first. */
export function foodLabels(trip: Trip, plan: Plan): FoodLabel[] {
  const labels = new Map<string, FoodLabel>();
  for (const c of plan.carries)
    for (const d of c.days)
      for (const [part, meal] of mealsEaten(trip, d)) {
        if (meal.dryG <= 0) continue;
        const id = `${c.fromStopId} ${part} ${meal.name}`;
        const label = labels.get(id) ?? { id, from: c.from, part, meal, count: 0, days: [] };
        labels.set(id, { ...label, count: label.count + 1, days: [...label.days, d.day] });
      }
  return [...labels.values()];
}
