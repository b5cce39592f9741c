import { burnerById, FAMILY_WINDSCREENS, hasValve, isGas, wallsInCan, WINDSCREEN_MASS_G } from '../catalogue';
import { DRINK_ML, everyMeal, isPlainBoil, isSimmered, stoppedShort, withMethod } from '../menu';
import { MEALS, type Meal, type MealName, type Trip } from '../model';
import { planTrip } from '../plan';
import { demandOfG, isCooked, type Plan } from '../planned';
import { dayCount, paintDays } from '../trail';
import { cookingTimeS } from './cooking-time';
import { flamesToTry } from './flames-to-try';
import { mealChange } from './meal-change';
import { hotDishesOf, otherPots } from './other-pots';

/** One thing a walker does, done the other way. */
export type HabitKind =
  | { code: 'stopAt88' }
  | { code: 'boilAll' }
  | { code: 'lid'; on: boolean }
  | { code: 'windscreen'; windscreen: Trip['kit']['windscreen'] }
  | { code: 'flame'; setting: number }
  | { code: 'warmCan'; warming: Trip['kit']['canWarming'] }
  | { code: 'cozyForSimmer' }
  | { code: 'filter' }
  | { code: 'boilToTreat' }
  | { code: 'homeDried' }
  | { code: 'rawFood' }
  | { code: 'washUp'; on: boolean }
  | { code: 'drink'; on: boolean }
  | { code: 'lighting'; one: boolean }
  | { code: 'pot'; name: string }
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
export function habitLedger(trip: Trip, now: Plan): HabitLedger {
  const measure = (changed: Trip): Omit<Habit, 'kind'> => {
    const then = planTrip(changed);
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
    const other = then.days[i].meals;
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

function candidates(trip: Trip, now: Plan): { kind: HabitKind; edit: Edit }[] {
  const { kit, menu } = trip;
  const burner = burnerById(kit.burnerId);
  const meals = hotDishesOf(trip);
  const list: { kind: HabitKind; edit: Edit }[] = [];
  const add = (kind: HabitKind, edit: Edit): void => void list.push({ kind, edit });
  if (meals.some(isPlainBoil)) add({ code: 'stopAt88' }, (t) => everyMeal(t, stoppedShort));
  if (meals.some(isBelowBoil))
    add({ code: 'boilAll' }, (t) => everyMeal(t, (m) => (isBelowBoil(m) ? { ...m, target: { kind: 'boil' } } : m)));
  add({ code: 'lid', on: !kit.lidOn }, kitEdit({ lidOn: !kit.lidOn }));
  for (const windscreen of FAMILY_WINDSCREENS[burner.family]) {
    if (windscreen === kit.windscreen || wallsInCan(windscreen, burner)) continue;
    add({ code: 'windscreen', windscreen }, kitEdit({ windscreen, windscreenMassG: WINDSCREEN_MASS_G[windscreen] }));
  }
  if (hasValve(burner))
    for (const setting of flamesToTry(trip, now.days))
      if (Math.abs(setting - kit.flameSetting) > 0.02) add({ code: 'flame', setting }, kitEdit({ flameSetting: setting }));
  if (isGas(burner)) {
    const warming = kit.canWarming === 'none' ? 'jacket' : 'none';
    add({ code: 'warmCan', warming }, kitEdit({ canWarming: warming }));
  }
  if (meals.some((m) => m.method === 'simmer' && m.dryG > 0))
    add({ code: 'cozyForSimmer' }, (t) =>
      everyMeal(t, (m) => (m.hot && m.method === 'simmer' && m.dryG > 0 ? withMethod(m, 'boilCozy') : m)),
    );
  const boiled = trip.legs.some((l) => l.days.some((d) => d.treatment === 'boilCdc' || d.treatment === 'boilEpa'));
  const everywhere =
    (treatment: 'filter' | 'boilEpa'): Edit =>
    (t) =>
      paintDays(t, 1, dayCount(t), { treatment });
  if (boiled) add({ code: 'filter' }, everywhere('filter'));
  else add({ code: 'boilToTreat' }, everywhere('boilEpa'));
  if (meals.some(isRaw)) add({ code: 'homeDried' }, (t) => everyMeal(t, (m) => (isRaw(m) ? withMethod(m, 'homeDried') : m)));
  if (hasValve(burner) && meals.some((m) => m.method === 'homeDried'))
    add({ code: 'rawFood' }, (t) =>
      everyMeal(t, (m) => (m.hot && m.method === 'homeDried' ? { ...withMethod(m, 'simmer'), waterMl: m.waterMl } : m)),
    );
  add(
    { code: 'washUp', on: !menu.washUp.hot },
    usual('washUp', { hot: !menu.washUp.hot, waterMl: WASH_UP_ML, method: 'heatRest', name: 'wash-up water' }),
  );
  add(
    { code: 'drink', on: !menu.drink.hot },
    usual('drink', menu.drink.hot ? { hot: false } : { ...withMethod(menu.drink, 'hotDrink'), waterMl: DRINK_ML, name: 'hot drink' }),
  );
  if (menu.drink.hot || menu.washUp.hot || trip.dishes.some((d) => d.meal.method === 'hotDrink'))
    add({ code: 'lighting', one: !trip.oneLighting }, (t) => ({ ...t, oneLighting: !t.oneLighting }));
  for (const pot of otherPots(trip)) add({ code: 'pot', name: pot.name }, kitEdit({ pot }));
  add({ code: 'breakfast', hot: !menu.breakfast.hot }, usual('breakfast', { hot: !menu.breakfast.hot }));
  return list;
}
