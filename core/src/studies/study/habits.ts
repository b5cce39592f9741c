import { burnerById, hasValve } from '../../domain/catalogue';
import { DRINK_ML, everyMeal, isSimmered, withMethod } from '../../domain/menu';
import { MEALS, type Meal, type MealName, type Trip } from '../../domain/model';
import { planTrip, planCache, type PlanCache } from '../../planning/plan';
import { demandOfG, isCooked, type Plan } from '../../planning/planned';
import { dayCount, paintDays } from '../../domain/trail';
import { canStopShort, kitAlternatives, stopShort, type KitAlternative } from './alternatives';
import { cookingTimeS } from './cooking-time';
import { mealChange } from './meal-change';
import { hotDishesOf } from './other-pots';

/** One thing a walker does, done the other way. */
export type HabitKind =
  | { code: 'stopAt88' }
  | { code: 'boilAll' }
  | KitAlternative
  | { code: 'cozyForSimmer' }
  | { code: 'filter' }
  | { code: 'boilToTreat' }
  | { code: 'homeDried' }
  | { code: 'rawFood' }
  | { code: 'washUp'; on: boolean }
  | { code: 'drink'; on: boolean }
  | { code: 'lighting'; one: boolean }
  | { code: 'breakfast'; hot: boolean };

/** What it comes to over the whole trip as it stands, measured by planning again. */
export interface Habit {
  kind: HabitKind;
  trip: Trip;
  /** Fuel counted over the trip, against now, g (negative saves); over the meals that both ways cook where meals are lost. */
  fuelG: number;
  /** Fuel and containers out of all stops together, against now, g: a habit may save grams and no container. */
  containersG: number;
  /** At the stove over the trip, against now, s. */
  timeS: number;
  /** Meals that failed and are cooked so (negative: that were cooked and fail). */
  mealsMended: number;
  /** Hot meals that are eaten cold or left out. */
  givenUp: number;
}
export interface HabitLedger {
  habits: Habit[];
  /** All that save without giving anything up, together: planned as one, never added up. */
  together?: Omit<Habit, 'kind'> & { kinds: HabitKind[] };
}

const WASH_UP_ML = 250;
/** Less than this is noise, g. */
const NOISE_G = 0.5;
/** Habits whose other way is another meal, another dish or another walk: they are shown, but not part of the best together. */
const GIVES_UP: readonly HabitKind['code'][] = ['breakfast', 'drink', 'washUp', 'pot', 'filter', 'boilToTreat', 'rawFood', 'homeDried'];

type Edit = (t: Trip) => Trip;

/** What saves and costs no comfort, what saves by giving meals up, what costs fuel, and what leaves meals cold, which is no saving at all. */
function rankOf({ fuelG, givenUp, mealsMended }: Habit): number {
  if (mealsMended < 0) return 3;
  return fuelG >= 0 ? 2 : givenUp > 0 ? 1 : 0;
}

/** Every habit alone and the best together over the trip as it stands. */
export function habitLedger(trip: Trip, now: Plan, cache: PlanCache = planCache()): HabitLedger {
  const measure = (changed: Trip): Omit<Habit, 'kind'> => {
    const then = planTrip(changed, { cache });
    const { mealsMended, givenUp } = mealChange(now, then);
    return {
      trip: changed,
      fuelG: mealsMended < 0 ? onBothG(now, then) : demandOfG(then) - demandOfG(now),
      containersG: containersOfG(then) - containersOfG(now),
      timeS: cookingTimeS(then) - cookingTimeS(now),
      mealsMended,
      givenUp,
    };
  };
  const edits = candidates(trip, now);
  const habits = edits
    .map(({ kind, edit }): Habit => ({ kind, ...measure(edit(trip)) }))
    .filter((h) => Math.abs(h.fuelG) > NOISE_G || h.mealsMended !== 0)
    .sort((a, b) => rankOf(a) - rankOf(b) || Math.min(0, b.mealsMended) - Math.min(0, a.mealsMended) || a.fuelG - b.fuelG);
  const savers = edits.filter(({ kind }) => {
    const h = habits.find((x) => x.kind === kind);
    return h && h.fuelG < 0 && h.mealsMended >= 0 && !GIVES_UP.includes(kind.code);
  });
  if (savers.length < 2) return { habits };
  const all = (list: typeof savers): Trip => list.reduce((t, s) => s.edit(t), trip);
  let best = savers;
  let together = measure(all(best));
  // one that no longer helps beside the others is left out: habits do not add up
  for (const s of savers) {
    const without = best.filter((x) => x !== s);
    const m = measure(all(without));
    if (m.fuelG <= together.fuelG) [best, together] = [without, m];
  }
  return { habits, together: { ...together, kinds: best.map((s) => s.kind) } };
}

/** Fuel of the meals that two plans both cook, the second against the first, g. */
function onBothG(now: Plan, then: Plan): number {
  return now.days.reduce((sum, day, i) => {
    const other = then.days[i]!.meals;
    const both = MEALS.filter((m) => isCooked(day.meals[m]) && isCooked(other[m]));
    return sum + both.reduce((s, m) => s + (other[m]?.fuelG ?? 0) - (day.meals[m]?.fuelG ?? 0), 0);
  }, 0);
}

const containersOfG = (plan: Plan): number => plan.carries.reduce((sum, c) => sum + c.fuelG + c.tareG, 0);

const usual =
  (name: MealName, change: Partial<Meal>): Edit =>
  (t) => ({ ...t, menu: { ...t.menu, [name]: { ...t.menu[name], ...change } } });
const kitEdit =
  (change: Partial<Trip['kit']>): Edit =>
  (t) => ({ ...t, kit: { ...t.kit, ...change } });

const isRaw = (m: Meal): boolean => m.hot && m.dryG > 0 && isSimmered(m);
const isBelowBoil = (m: Meal): boolean => m.hot && m.dryG > 0 && m.target.kind === 'stopAt';

/** A habit done the other way. */
interface Candidate {
  kind: HabitKind;
  edit: Edit;
}

const candidates = (trip: Trip, now: Plan): Candidate[] => [
  ...targetHabits(trip),
  ...kitAlternatives(trip, now.days).map(({ kind, change }) => ({ kind, edit: kitEdit(change) })),
  ...dishHabits(trip),
  ...waterHabits(trip),
  ...eveningHabits(trip),
];

function targetHabits(trip: Trip): Candidate[] {
  const boilAll: Edit = (t) => everyMeal(t, (m) => (isBelowBoil(m) ? { ...m, target: { kind: 'boil' } } : m));
  return [
    ...(canStopShort(trip) ? [{ kind: { code: 'stopAt88' as const }, edit: stopShort }] : []),
    ...(hotDishesOf(trip).some(isBelowBoil) ? [{ kind: { code: 'boilAll' as const }, edit: boilAll }] : []),
  ];
}

/** Dishes of one kind made another way: with a cozy, dried at home, raw. */
function dishHabits(trip: Trip): Candidate[] {
  const dishes = hotDishesOf(trip);
  const isSimmeredFood = (m: Meal): boolean => m.hot && m.method === 'simmer' && m.dryG > 0;
  const isHomeDried = (m: Meal): boolean => m.hot && m.method === 'homeDried';
  const remade = (code: 'cozyForSimmer' | 'homeDried' | 'rawFood', is: (m: Meal) => boolean, make: (m: Meal) => Meal): Candidate[] =>
    dishes.some(is) ? [{ kind: { code }, edit: (t) => everyMeal(t, (m) => (is(m) ? make(m) : m)) }] : [];
  return [
    ...remade('cozyForSimmer', isSimmeredFood, (m) => withMethod(m, 'boilCozy')),
    ...remade('homeDried', isRaw, (m) => withMethod(m, 'homeDried')),
    ...(hasValve(burnerById(trip.kit.burnerId))
      ? remade('rawFood', isHomeDried, (m) => ({ ...withMethod(m, 'simmer'), waterMl: m.waterMl }))
      : []),
  ];
}

function waterHabits(trip: Trip): Candidate[] {
  const boiled = trip.legs.some((l) => l.days.some((d) => d.treatment === 'boilCdc' || d.treatment === 'boilEpa'));
  const [code, treatment] = boiled ? (['filter', 'filter'] as const) : (['boilToTreat', 'boilEpa'] as const);
  return [{ kind: { code }, edit: (t) => paintDays(t, 1, dayCount(t), { treatment }) }];
}

/** What is drunk and washed up with, breakfast, and whether all of an evening is cooked in one lighting. */
function eveningHabits(trip: Trip): Candidate[] {
  const { washUp, drink, breakfast } = trip.menu;
  const drinks = drink.hot ? { hot: false } : { ...withMethod(drink, 'hotDrink'), waterMl: DRINK_ML, name: 'hot drink' };
  const cooksAfterDinner = drink.hot || washUp.hot || trip.dishes.some((d) => d.meal.method === 'hotDrink');
  const oneLighting: Edit = (t) => ({ ...t, oneLighting: !t.oneLighting });
  return [
    {
      kind: { code: 'washUp', on: !washUp.hot },
      edit: usual('washUp', { hot: !washUp.hot, waterMl: WASH_UP_ML, method: 'heatRest', name: 'wash-up water' }),
    },
    { kind: { code: 'drink', on: !drink.hot }, edit: usual('drink', drinks) },
    ...(cooksAfterDinner ? [{ kind: { code: 'lighting' as const, one: !trip.oneLighting }, edit: oneLighting }] : []),
    { kind: { code: 'breakfast', hot: !breakfast.hot }, edit: usual('breakfast', { hot: !breakfast.hot }) },
  ];
}
