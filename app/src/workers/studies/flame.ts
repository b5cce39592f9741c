import { flameCurve, closeUpMeal, type FlameCurve } from '@tinder/core/studies/study';
import { tripOnLeg } from '@tinder/core/domain/trail';
import type { Subject } from '../subject';

/** Fuel and time of the day's hot meal against the flame, and the same without the windscreen; undefined without a valve or a hot meal. */
export function flame(
  { trip, plan }: Pick<Subject, 'trip' | 'plan'>,
  { day }: { day: number },
): { curve: FlameCurve; bare: FlameCurve | undefined } | undefined {
  const meal = closeUpMeal(plan, day);
  if (!meal) return undefined;
  const here = tripOnLeg(trip, meal.leg);
  const curve = flameCurve(here, meal.facts);
  return curve && { curve, bare: flameCurve(here, meal.unscreened) };
}
