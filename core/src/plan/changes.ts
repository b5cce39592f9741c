import { MEALS, type Trip } from '../archive/trip-schema';
import type { WindscreenKind } from '../burn/constants';
import { burnerById, FAMILY_WINDSCREENS, hasValve, isGas } from '../catalogue/burners';
import { WINDSCREEN_MASS_G } from '../catalogue/pots';
import { planTrip, unfinishedMeals, type Plan } from './plan';

/** One thing the walker could do differently, measured by planning again. */
export interface Change {
  kind: ChangeKind;
  trip: Trip;
  /** Fuel burnt over the leg, against now, g (negative saves). */
  fuelG: number;
  /** Weight leaving the stop, against now, g (negative saves). */
  startG: number;
  /** Minutes at the stove over the leg, against now, s. */
  timeS: number;
  /** Hot meals that become possible. */
  mealsMended: number;
}
export type ChangeKind =
  | { code: 'stopAt88' }
  | { code: 'lidOn' }
  | { code: 'flame'; setting: number }
  | { code: 'windscreen'; windscreen: WindscreenKind }
  | { code: 'coldBreakfast' };

/** Temperature most rehydrated food is happy with (domain section 6). */
const REST_TARGET_C = 88;
const FLAMES_TO_TRY = [0.35, 0.5, 0.7, 1];
/** Less than this is not worth a sentence, g. */
const WORTH_G = 1;

/** Plans every candidate anew (savings are never added up) and returns those that mend a meal or save fuel: mended meals first, then grams. */
export function bestChanges(trip: Trip, now: Plan): Change[] {
  const missing = unfinishedMeals(now);
  return candidates(trip)
    .map(({ kind, trip: changed }): Change => {
      const then = planTrip(changed, now.containers);
      return {
        kind,
        trip: changed,
        fuelG: then.demandG - now.demandG,
        startG: then.profile.startG - now.profile.startG,
        timeS: cookingTimeS(then) - cookingTimeS(now),
        mealsMended: missing - unfinishedMeals(then),
      };
    })
    .filter((c) => c.mealsMended > 0 || (c.mealsMended === 0 && c.fuelG < -WORTH_G))
    .sort((a, b) => b.mealsMended - a.mealsMended || a.fuelG - b.fuelG);
}

/** Seconds with the burner lit over the whole leg. */
export function cookingTimeS(plan: Plan): number {
  return plan.days.reduce((sum, d) => sum + MEALS.reduce((s, m) => s + (d.meals[m]?.burn.durationS ?? 0), 0), 0);
}

function candidates(trip: Trip): { kind: ChangeKind; trip: Trip }[] {
  const { kit, menu } = trip;
  const burner = burnerById(kit.burnerId);
  const list: { kind: ChangeKind; trip: Trip }[] = [];
  if (MEALS.some((m) => menu[m].hot && menu[m].target.kind === 'boil')) {
    const target = { kind: 'stopAt', targetC: REST_TARGET_C } as const;
    const cooler = (m: Trip['menu']['supper']) => (m.target.kind === 'boil' ? { ...m, target } : m);
    list.push({ kind: { code: 'stopAt88' }, trip: { ...trip, menu: { breakfast: cooler(menu.breakfast), supper: cooler(menu.supper) } } });
  }
  if (!kit.lidOn) list.push({ kind: { code: 'lidOn' }, trip: { ...trip, kit: { ...kit, lidOn: true } } });
  if (hasValve(burner))
    for (const setting of FLAMES_TO_TRY)
      if (setting !== kit.flameSetting)
        list.push({ kind: { code: 'flame', setting }, trip: { ...trip, kit: { ...kit, flameSetting: setting } } });
  for (const windscreen of FAMILY_WINDSCREENS[burner.family])
    if (windscreen !== kit.windscreen && windscreen !== 'none' && !(windscreen === 'foil' && isGas(burner) && burner.family !== 'remote'))
      list.push({
        kind: { code: 'windscreen', windscreen },
        trip: { ...trip, kit: { ...kit, windscreen, windscreenMassG: WINDSCREEN_MASS_G[windscreen] } },
      });
  if (menu.breakfast.hot)
    list.push({ kind: { code: 'coldBreakfast' }, trip: { ...trip, menu: { ...menu, breakfast: { ...menu.breakfast, hot: false } } } });
  return list;
}
