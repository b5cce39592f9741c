import type { Dose } from '../burn';
import { mealOn } from '../menu';
import { hold, LIMITS, type Trip } from '../model';
import { cookMeal, FRESH_CAN, kitInUse, mealFacts } from '../plan';
import { isCooked, type PlanDay } from '../planned';
import { tripOnLeg } from '../trail';
import type { MealAhead, Stretch } from './ahead';

/** A dish with other water than planned: what it then burns by the model. */
export interface OtherAmount {
  waterMl: number;
  modelG: number;
  /** How long it takes, s. */
  durationS: number;
  /** What is poured or laid out for it, where something is. */
  dose?: Dose;
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
  const airC = ahead.meal === 'breakfast' ? day.breakfastAirC : day.supperAirC;
  const cooked = (waterMl: number): ReturnType<typeof cookMeal> =>
    cookMeal(use, mealFacts(use, { ...dish, waterMl }, day, airC), FRESH_CAN);
  const planned = cooked(dish.waterMl);
  if (!isCooked(planned)) return [];
  return STEPS_ML.flatMap((step) => {
    const waterMl = dish.waterMl + step;
    if (waterMl < LEAST_ML || hold(waterMl, LIMITS.waterMl) !== waterMl) return [];
    const other = cooked(waterMl);
    if (!isCooked(other)) return [];
    return [
      {
        waterMl,
        modelG: (ahead.modelG * other.fuelG) / planned.fuelG,
        durationS: (ahead.planned.burn.durationS * other.burn.durationS) / planned.burn.durationS,
        ...(other.dose ? { dose: other.dose } : {}),
      },
    ];
  });
}
