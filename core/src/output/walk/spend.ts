import { DRINK_ML, withMethod } from '../../domain/menu';
import type { Trip } from '../../domain/model';
import { burnFacts, cookMeal, FRESH_CAN, kitInUse } from '../../planning/plan';
import type { PlanDay } from '../../planning/planned';
import { tripOnLeg } from '../../domain/trail';
import { shareOf, type Stretch } from './ahead';

/** A hot drink that no plan had, on an evening: what it burns by the model, and how far that is off by itself. */
export interface DrinkMore {
  modelG: number;
  share: number;
}

/** What one more hot drink burns on a day of a stretch. Undefined where the kit has no flame. */
export function drinkMore(trip: Trip, { carry }: Pick<Stretch, 'carry'>, day: PlanDay): DrinkMore | undefined {
  const here = tripOnLeg(trip, carry.fromStop);
  const use = kitInUse(here.kit);
  if (use.burner.family === 'none') return undefined;
  const drink = { ...withMethod(here.menu.drink, 'hotDrink'), hot: true, waterMl: DRINK_ML };
  const burnt = cookMeal(use, burnFacts(use, drink, day, day.supperAirC), FRESH_CAN);
  return { modelG: burnt.fuelG, share: shareOf(use, burnt) };
}

/** A burner lit again once a meal: joint or priming, and what the pot lost meanwhile, as a share of the meal (docs/physics.md, Walking; assumption). */
export const RELIGHT_SHARE = 0.12;
