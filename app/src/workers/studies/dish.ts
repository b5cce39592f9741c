import type { MealName } from '@tinder/core/domain/model';
import { planDayOf } from '@tinder/core/planning/planned';
import { dishCard, dishCurve, dishWays, type DishCard, type DishCurve, type DishWay } from '@tinder/core/studies/study';
import { tripOnLeg } from '@tinder/core/domain/trail';
import type { Subject } from '../subject';

/** One dish on its day: its card, how it heats and rests, and other ways to it; undefined where that day has none. */
export const dish = (
  { trip, plan }: Pick<Subject, 'trip' | 'plan'>,
  { day, meal }: { day: number; meal: MealName },
): { card: DishCard; curve: DishCurve | undefined; ways: DishWay[] } | undefined => {
  const here = tripOnLeg(trip, planDayOf(plan, day).leg);
  const card = dishCard(here, plan, day, meal);
  return card && { card, curve: dishCurve(here, plan, day, meal), ways: dishWays(here, plan, day, meal) };
};
