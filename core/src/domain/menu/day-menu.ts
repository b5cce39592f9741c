import { clamp, LIMITS, MEALS, nameFrom, type Day, type Dish, type Meal, type MealName, type Trip } from '../model';
import { carriedFoodG } from './methods';

type Menued = Pick<Trip, 'menu' | 'dishes' | 'rotation' | 'appetite'>;

/** The kept dish of `day` (1-based) for a part of the day: its own, else the one whose turn it is; undefined where the usual one is eaten. */
export function keptDishOn(
  { dishes, rotation }: Pick<Trip, 'dishes' | 'rotation'>,
  day: number,
  name: MealName,
  own: Day['dishes'],
): Dish | undefined {
  const turn = rotation[name];
  const id = own[name] ?? turn?.[(day - 1) % turn.length];
  return dishes.find((d) => d.id === id);
}

/** The dish of `day` as it was entered. */
export const dishOn = (trip: Pick<Trip, 'menu' | 'dishes' | 'rotation'>, day: number, name: MealName, own: Day['dishes']): Meal =>
  keptDishOn(trip, day, name, own)?.meal ?? trip.menu[name];

/** The same as it is eaten: by its portion and the walker's appetite. */
export function mealOn(trip: Menued, day: number, name: MealName, own: Day['dishes']): Meal {
  const meal = dishOn(trip, day, name, own);
  const factor = trip.appetite * meal.portion;
  return factor === 1 ? meal : byAppetite(meal, factor);
}

/** Food, its water and all that goes with it, scaled; plain water (a drink, wash-up) stays as it is. */
export function byAppetite(meal: Meal, factor: number): Meal {
  if (meal.dryG === 0) return meal;
  return {
    ...meal,
    waterMl: clamp(meal.waterMl * factor, LIMITS.waterMl),
    drainedMl: clamp(meal.drainedMl * factor, LIMITS.drainedMl),
    dryG: clamp(meal.dryG * factor, LIMITS.dryG),
    fatG: clamp(meal.fatG * factor, LIMITS.dryG),
    kcal: clamp(meal.kcal * factor, LIMITS.kcal),
  };
}

/** Is a part of the day bought instead of made? Drink and wash-up go with the supper, lunch with both. */
export function isEatenOut(name: MealName, out: Day['eatsOut']): boolean {
  switch (name) {
    case 'breakfast':
      return out.breakfast;
    case 'lunch':
      return out.breakfast && out.supper;
    case 'supper':
    case 'drink':
    case 'washUp':
      return out.supper;
  }
}

/** The air that a part of the day is cooked in: the morning's or the evening's. */
export const airKeyOf = (name: MealName): 'breakfastAirC' | 'supperAirC' => (name === 'breakfast' ? 'breakfastAirC' : 'supperAirC');

/** Is it heated straight after the supper where one lighting serves for all? */
export const isAfterSupper = (name: MealName): boolean => name === 'drink' || name === 'washUp';

/** What is eaten of one's own food on a day, part by part, as it is eaten. */
export const mealsEaten = (trip: Menued, d: Pick<Day, 'dishes' | 'eatsOut'> & { day: number }): [MealName, Meal][] =>
  MEALS.filter((part) => !isEatenOut(part, d.eatsOut)).map((part) => [part, mealOn(trip, d.day, part, d.dishes)]);

/** Does a dish want heat? */
export const isHot = (meal: Meal): boolean => meal.hot && meal.method !== 'coldSoak' && meal.method !== 'noCook';

/** Brought to the boil and no more: not simmered, not boiled to be safe. */
export const isPlainBoil = (m: Meal): boolean => m.hot && m.target.kind === 'boil' && m.simmerMin === 0 && m.makeSafe === 'none';

/** The same dish, eaten cold. */
export const eatenCold = (meal: Meal): Meal => ({ ...meal, hot: false, name: nameFrom(meal.name, { ending: ', cold' }) });

/** Every dish that some day of the trip really has, once. */
export function menuMeals(trip: Pick<Trip, 'menu' | 'dishes' | 'rotation' | 'legs'>): Meal[] {
  const eaten = trip.legs
    .flatMap((l) => l.days)
    .flatMap((d, i) => MEALS.filter((name) => !isEatenOut(name, d.eatsOut)).map((name) => dishOn(trip, i + 1, name, d.dishes)));
  return [...new Set(eaten)];
}

/** What a long-distance walker burns in a day, kcal (common practice), and what is far below it. */
export const WALKER_KCAL = { from: 3000, to: 4500, farBelow: 2400 } as const;

/** Food carried for `days`, g: dry food, fat and packaging of everything not eaten out; and how many of each dish. */
export function foodOf(
  trip: Menued,
  days: readonly (Pick<Day, 'dishes' | 'eatsOut'> & { day: number })[],
): { foodG: number; kcal: number; packets: { name: string; count: number }[] } {
  const counts = new Map<string, number>();
  let foodG = 0;
  let kcal = 0;
  for (const d of days)
    for (const [, meal] of mealsEaten(trip, d)) {
      foodG += carriedFoodG(meal);
      kcal += meal.kcal;
      if (meal.dryG > 0) counts.set(meal.name, (counts.get(meal.name) ?? 0) + 1);
    }
  const packets = [...counts].map(([name, count]) => ({ name, count })).sort((a, b) => b.count - a.count || a.name.localeCompare(b.name));
  return { foodG, kcal, packets };
}
