import { carriedFoodG, DISHES, isHot, isSimmered, methodProblems, streamWaterMl } from '../../domain/menu';
import type { Meal, Trip } from '../../domain/model';
import { burnFacts, cookMeal, dayConditions, FRESH_CAN, kitInUse } from '../../planning/plan';
import { isCooked } from '../../planning/planned';

/** What 1,000 kcal of a dish come to. */
export interface PerKcal {
  name: string;
  kind: 'freezeDried' | 'homeDried' | 'raw' | 'other';
  /** Dry food, fat and packaging, g. */
  carriedG: number;
  /** Undefined where this kit cannot cook it; 0 for cold food. */
  fuelG: number | undefined;
  waterMl: number;
  price: number | undefined;
  homeMin: number;
}

/** Below this a dish is a drink, kcal. */
const LEAST_KCAL = 100;

/** Food of the catalogue and of the trip for 1,000 kcal each, cooked with this kit at the supper of `day` (1-based) with a fresh can. */
export function perThousandKcal(trip: Trip, day: number): PerKcal[] {
  const use = kitInUse(trip.kit);
  const conditions = dayConditions(trip)[day - 1]!;
  const own = trip.dishes.map((d) => d.meal).filter((m) => !DISHES.some((d) => d.name === m.name));
  return [...DISHES, ...own]
    .filter((m) => m.kcal >= LEAST_KCAL)
    .map((meal): PerKcal => {
      const times = 1000 / meal.kcal;
      const burnt =
        isHot(meal) && !methodProblems(trip.kit, meal).length
          ? cookMeal(use, burnFacts(use, meal, conditions, conditions.supperAirC), FRESH_CAN)
          : undefined;
      return {
        name: meal.name,
        kind: kindOf(meal),
        carriedG: carriedFoodG(meal) * times,
        fuelG: isHot(meal) ? (burnt && isCooked(burnt) ? burnt.fuelG * times : undefined) : 0,
        waterMl: (isHot(meal) || meal.method === 'coldSoak' ? streamWaterMl(meal) : 0) * times,
        price: meal.price === null ? undefined : meal.price * times,
        homeMin: meal.homeMin * times,
      };
    })
    .sort((a, b) => a.carriedG + (a.fuelG ?? 0) - b.carriedG - (b.fuelG ?? 0));
}

function kindOf(meal: Meal): PerKcal['kind'] {
  if (meal.method === 'homeDried') return 'homeDried';
  if (meal.vessel === 'bag' && meal.method === 'boilPour') return 'freezeDried';
  return isSimmered(meal) ? 'raw' : 'other';
}
