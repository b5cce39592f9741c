import { editDays, mapDays, MEALS, type Day, type Meal, type MealName, type Trip } from '../model';
import { isPlainBoil, keptDishOn } from './day-menu';
import { isSimmered, REHYDRATE_ML_PER_G, REST_TARGET_C, withMethod } from './methods';

/** Where a dish is set: into every day, into some days only, or into the turns that dishes take. */
export type DishScope = { kind: 'usual' } | { kind: 'days'; from: number; to: number } | { kind: 'turn' };

/** Keeps a dish for the trip under an id; one of the same name is kept once. */
function keep(trip: Trip, meal: Meal, newId: string): { trip: Trip; id: string } {
  const known = trip.dishes.find((d) => d.meal.name === meal.name);
  if (known) return { trip, id: known.id };
  return { trip: { ...trip, dishes: [...trip.dishes, { id: newId, meal }] }, id: newId };
}

/** Sets a dish for a part of the day; `newId` names it where the trip does not hold it yet. */
export function setDish(trip: Trip, name: MealName, meal: Meal, scope: DishScope, newId: string): Trip {
  if (scope.kind === 'usual') {
    const { [name]: _turn, ...rotation } = trip.rotation;
    return { ...trip, rotation, menu: { ...trip.menu, [name]: meal } };
  }
  const { trip: kept, id } = keep(trip, meal, newId);
  if (scope.kind === 'days') return editDays(kept, scope.from, scope.to, (d) => ({ ...d, dishes: { ...d.dishes, [name]: id } }));
  const turn = kept.rotation[name];
  if (turn) return { ...kept, rotation: { ...kept.rotation, [name]: [...turn, id] } };
  // the usual dish takes its turn too
  const first = keep(kept, kept.menu[name], `${newId}-usual`);
  return { ...first.trip, rotation: { ...first.trip.rotation, [name]: [first.id, id] } };
}

/** Gives some days back to the usual dish, or ends the turns. */
export function clearDish(trip: Trip, name: MealName, scope: DishScope): Trip {
  if (scope.kind === 'days')
    return editDays(trip, scope.from, scope.to, (d) => {
      const { [name]: _own, ...dishes } = d.dishes;
      return { ...d, dishes };
    });
  const { [name]: _turn, ...rotation } = trip.rotation;
  return { ...trip, rotation };
}

/** Changes the dish that `day` (1-based) has for a part of the day, wherever it is set: everywhere it is eaten. */
export function editDishOn(trip: Trip, day: number, name: MealName, own: Day['dishes'], change: (m: Meal) => Meal): Trip {
  const kept = keptDishOn(trip, day, name, own);
  if (kept) return { ...trip, dishes: trip.dishes.map((d) => (d === kept ? { ...d, meal: change(d.meal) } : d)) };
  return { ...trip, menu: { ...trip.menu, [name]: change(trip.menu[name]) } };
}

/** Changes every dish of the trip: the usual ones and those kept for it. */
export function everyMeal(trip: Trip, change: (m: Meal) => Meal): Trip {
  const menu = Object.fromEntries(MEALS.map((name) => [name, change(trip.menu[name])])) as Trip['menu'];
  return { ...trip, menu, dishes: trip.dishes.map((d) => ({ ...d, meal: change(d.meal) })) };
}

/** A dish brought to the boil for no reason stopped short of it; any other as it is. */
export const stoppedShort = (m: Meal): Meal => (isPlainBoil(m) ? { ...m, target: { kind: 'stopAt', targetC: REST_TARGET_C } } : m);

/** A dish that simmers boiled and left to rest in a cozy, without the water that is poured away; any other as it is. */
export const cozied = (m: Meal): Meal =>
  m.hot && isSimmered(m) ? { ...withMethod(m, 'boilCozy'), waterMl: m.method === 'pastaPot' ? REHYDRATE_ML_PER_G * m.dryG : m.waterMl } : m;

/** Adds dishes to those kept; one of a name that is there takes its place. */
export function addDishes(trip: Trip, meals: readonly Meal[], newId: () => string): Trip {
  const dishes = trip.dishes.map((d) => ({ ...d, meal: meals.find((m) => m.name === d.meal.name) ?? d.meal }));
  const fresh = meals.filter((m) => !trip.dishes.some((d) => d.meal.name === m.name)).map((meal) => ({ id: newId(), meal }));
  return { ...trip, dishes: [...dishes, ...fresh] };
}

/** Takes a kept dish away, and out of every day and turn that had it. */
export function removeDish(trip: Trip, id: string): Trip {
  const without = (dishes: Day['dishes']): Day['dishes'] => Object.fromEntries(Object.entries(dishes).filter(([, d]) => d !== id));
  const rotation: Trip['rotation'] = {};
  for (const name of MEALS) {
    const turn = trip.rotation[name]?.filter((d) => d !== id);
    if (turn?.length) rotation[name] = turn;
  }
  const cleared = mapDays(trip, (d) => ({ ...d, dishes: without(d.dishes) }));
  return { ...cleared, dishes: trip.dishes.filter((d) => d.id !== id), rotation };
}
