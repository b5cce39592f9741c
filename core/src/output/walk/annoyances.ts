import { dishOn, eatenCold, isEatenOut, isHot, isPlainBoil, REST_TARGET_C, setDish } from '../../domain/menu';
import { daysOf, MEALS, nameFrom, type Annoyance, type Meal, type MealName, type Trip } from '../../domain/model';
import { hashed } from '../../foundation/numeric';
import type { PlanDay } from '../../planning/planned';
import { leastFlame } from '../../studies/study';
import { editKitOnLeg, paintDays, tripOnLeg } from '../../domain/trail';
import type { Stretch } from './ahead';
import { mealKey } from './log';

type DishEdit = (meal: Meal) => Meal | undefined;

/** Changes what a part of each day of a stretch is; what is written down and what is bought stays. `undefined` leaves a dish as it is. */
function onDishes(trip: Trip, { fromDay, toDay, written }: Stretch, names: readonly MealName[], change: DishEdit): Trip {
  const days = daysOf(trip)
    .map((d, i) => ({ day: i + 1, d }))
    .slice(fromDay - 1, toDay);
  return days.reduce(
    (t, { day, d }) =>
      names.reduce((u, name) => {
        if (isEatenOut(name, d.eatsOut) || written.has(mealKey(day, name))) return u;
        const changed = change(dishOn(u, day, name, d.dishes));
        return changed ? setDish(u, name, changed, { kind: 'days', from: day, to: day }, dishId(changed.name)) : u;
      }, t),
    trip,
  );
}
/** The same for the same name, and no other's. */
const dishId = (name: string): string => `stretch-${Math.floor(hashed(name) * 2 ** 32).toString(36)}`;

const cold: DishEdit = (meal) => (isHot(meal) ? eatenCold(meal) : undefined);

/** Boiled only because it always was; what is boiled to be safe stays boiled. */
const cooler: DishEdit = (meal) =>
  isHot(meal) && isPlainBoil(meal)
    ? { ...meal, target: { kind: 'stopAt', targetC: REST_TARGET_C }, name: nameFrom(meal.name, { ending: ', stopped early' }) }
    : undefined;

/**
 * The trip with one annoyance borne from here to the next stop; undefined where it changes nothing. `days` are the stretch as it stands, for
 * the flame that burns least. A detour changes no dish: it brings the end nearer.
 */
export function withAnnoyance(trip: Trip, stretch: Stretch, days: readonly PlanDay[], annoyance: Annoyance): Trip | undefined {
  if (annoyance === 'detour') return reachesDetour(trip, stretch) ? trip : undefined;
  const changed = edited(trip, stretch, days, annoyance);
  return changed === trip ? undefined : changed;
}

function edited(trip: Trip, stretch: Stretch, days: readonly PlanDay[], annoyance: Exclude<Annoyance, 'detour'>): Trip {
  switch (annoyance) {
    case 'stopAt88':
      return onDishes(trip, stretch, MEALS, cooler);
    case 'lowerFlame':
      return lowerFlame(trip, stretch, days);
    case 'noWashUp':
      return onDishes(trip, stretch, ['washUp'], cold);
    case 'lessDrink':
      return onDishes(trip, stretch, ['drink'], cold);
    case 'coldBreakfast':
      return onDishes(trip, stretch, ['breakfast'], cold);
    case 'coldSupper':
      return onDishes(trip, stretch, ['supper'], cold);
    case 'filter':
      return days.some((d) => d.boilRule) ? paintDays(trip, stretch.fromDay, stretch.toDay, { treatment: 'filter' }) : trip;
  }
}

const reachesDetour = ({ detour }: Trip, { fromDay, toDay }: Stretch): boolean =>
  detour !== null && detour.day > fromDay && detour.day <= toDay;

/** Where a stretch ends when a shop off the trail is gone to: its day's breakfast is the last meal out of what is carried. */
export const untilDetour = (trip: Trip, stretch: Stretch): number => (reachesDetour(trip, stretch) ? (trip.detour?.day ?? 0) : Infinity);

/** Nobody sees a smaller difference at the valve. */
const LESS_FLAME = 0.02;

function lowerFlame(trip: Trip, { carry }: Stretch, days: readonly PlanDay[]): Trip {
  const here = tripOnLeg(trip, carry.fromStop);
  const lower = leastFlame(here, days);
  return lower === undefined || lower > here.kit.flameSetting - LESS_FLAME
    ? trip
    : editKitOnLeg(trip, carry.fromStop, (k) => ({ ...k, flameSetting: lower }));
}
