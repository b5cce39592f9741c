import type { MealName } from '@tinder/core/domain/model';

/** Parts of a day that may be cooked. */
export const PART_WORDS: Record<MealName, string> = {
  breakfast: 'breakfast',
  lunch: 'lunch',
  supper: 'dinner',
  drink: 'hot drink',
  washUp: 'wash-up water',
};
