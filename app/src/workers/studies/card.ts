import type { MealName } from '@tinder/core/model';
import { planDayOf } from '@tinder/core/planned';
import { dishCard, type DishCard } from '@tinder/core/study';
import { tripOnLeg } from '@tinder/core/trail';
import type { Subject } from '../subject';

/** The stove card of one dish; undefined where that day has none. */
export const card = (
  { trip, plan }: Pick<Subject, 'trip' | 'plan'>,
  { day, meal }: { day: number; meal: MealName },
): DishCard | undefined => dishCard(tripOnLeg(trip, planDayOf(plan, day).leg), plan, day, meal);
