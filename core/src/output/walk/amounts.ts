import { airKeyOf, mealOn } from '../../domain/menu';
import { clamp, LIMITS, type Meal, type Trip } from '../../domain/model';
import { burnFacts, cookMeal, FRESH_CAN, kitInUse } from '../../planning/plan';
import { isCooked, type PlanDay, type PlannedMeal } from '../../planning/planned';
import { tripOnLeg } from '../../domain/trail';
import type { MealAhead, Stretch } from './ahead';

/** A dish with other water than planned, and how it is then cooked. */
export interface OtherAmount {
  dish: Meal;
  planned: PlannedMeal;
}

/** Steps to either side that are offered, mL (assumption: finer is not measured by a cup in the dark). */
const STEPS_ML = [-200, -100, 100, 200] as const;
/** Less is no dish any more, mL (assumption). */
const LEAST_ML = 100;

/**
 * What a meal burns with more or less water, in steps of 100 mL: its planned grams and time, times the ratio of both burns from a fresh can on that evening.
 * Amounts that the kit cannot do, or that are no meal any more, are left out; none for a pan or a tin, whose fuel hangs on no water.
 */
export function otherAmounts(trip: Trip, { carry }: Pick<Stretch, 'carry'>, day: PlanDay, ahead: MealAhead): OtherAmount[] {
  const here = tripOnLeg(trip, carry.fromStop);
  const use = kitInUse(here.kit);
  const dish = mealOn(trip, day.day, ahead.meal, day.dishes);
  if (ahead.fails || use.burner.family === 'none' || dish.waterMl === 0) return [];
  const cooked = (waterMl: number): ReturnType<typeof cookMeal> =>
    cookMeal(use, burnFacts(use, { ...dish, waterMl }, day, day[airKeyOf(ahead.meal)]), FRESH_CAN);
  const planned = cooked(dish.waterMl);
  if (!isCooked(planned)) return [];
  return STEPS_ML.flatMap((step) => {
    const waterMl = dish.waterMl + step;
    if (waterMl < LEAST_ML || clamp(waterMl, LIMITS.waterMl) !== waterMl) return [];
    const other = cooked(waterMl);
    if (!isCooked(other)) return [];
    const { fuelG, burn } = ahead.planned;
    const durationS = (burn.durationS * other.burn.durationS) / planned.burn.durationS;
    return [
      {
        dish: { ...dish, waterMl },
        planned: { ...ahead.planned, ...other, fuelG: (fuelG * other.fuelG) / planned.fuelG, burn: { ...other.burn, durationS } },
      },
    ];
  });
}
