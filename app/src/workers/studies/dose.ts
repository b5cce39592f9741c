import type { DoseTable } from '@tinder/core/planning/plan';
import { closeUpMeal, mealDoses } from '@tinder/core/studies/study';
import { tripOnLeg } from '@tinder/core/domain/trail';
import type { StudySetting, Subject } from '../subject';

/** Doses for the day's hot meal over the spread of its evenings; undefined where nothing is dosed or nothing is hot. */
export function dose(
  { trip, plan }: Pick<Subject, 'trip' | 'plan'>,
  { day }: { day: number },
  { cache }: StudySetting,
): DoseTable | undefined {
  const meal = closeUpMeal(plan, day);
  return meal && mealDoses(tripOnLeg(trip, meal.leg), meal.facts, cache);
}
