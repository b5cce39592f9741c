import type { WindscreenKind } from '../burn';
import { burnerById, FAMILY_WINDSCREENS, hasValve, wallsInCan, WINDSCREEN_MASS_G } from '../catalogue';
import { REST_TARGET_C } from '../menu';
import { MEALS, type Trip } from '../model';
import { replanCarry, unfinishedMeals, type CarryPlan, type Plan } from '../plan';
import { editKitOnLeg, tripOnLeg } from '../trail';

/** One thing the walker could do differently, measured by planning again. */
export interface Change {
  kind: ChangeKind;
  trip: Trip;
  /** Fuel burnt over the carry, against now, g (negative saves). */
  fuelG: number;
  /** Weight leaving the stop, against now, g (negative saves). */
  startG: number;
  /** Minutes at the stove over the carry, against now, s. */
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

/** Flame settings that are tried as another habit, 0–1. */
export const FLAMES_TO_TRY = [0.35, 0.5, 0.7, 1];
/** Less than this is not worth a sentence, g. */
const WORTH_G = 1;

/**
 * Plans one carry anew by itself with every candidate (savings are never added up) and returns those that mend a meal or save fuel: mended
 * meals first, then grams. Both sides of a difference choose their containers for this carry alone.
 */
export function bestChanges(trip: Trip, planned: CarryPlan): Change[] {
  const now = replanCarry(trip, planned);
  const missing = unfinishedMeals(now);
  const here = tripOnLeg(trip, planned.fromStop);
  return candidates(here)
    .map(({ kind, kit, menu }): Change => {
      const changed = kit === here.kit ? { ...trip, menu } : { ...editKitOnLeg(trip, planned.fromStop, () => kit), menu };
      const then = replanCarry(changed, planned);
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

/** Seconds with the burner lit over some days. */
export function cookingTimeS(plan: Pick<Plan, 'days'>): number {
  return plan.days.reduce((sum, d) => sum + MEALS.reduce((s, m) => s + (d.meals[m]?.burn.durationS ?? 0), 0), 0);
}

type Candidate = Pick<Trip, 'kit' | 'menu'> & { kind: ChangeKind };

function candidates({ kit, menu }: Trip): Candidate[] {
  const burner = burnerById(kit.burnerId);
  const list: Candidate[] = [];
  if (MEALS.some((m) => menu[m].hot && menu[m].target.kind === 'boil' && menu[m].makeSafe === 'none')) {
    const target = { kind: 'stopAt', targetC: REST_TARGET_C } as const;
    const cooler = (m: Trip['menu']['supper']) => (m.target.kind === 'boil' ? { ...m, target } : m);
    list.push({ kind: { code: 'stopAt88' }, kit, menu: { ...menu, breakfast: cooler(menu.breakfast), supper: cooler(menu.supper) } });
  }
  if (!kit.lidOn) list.push({ kind: { code: 'lidOn' }, kit: { ...kit, lidOn: true }, menu });
  if (hasValve(burner))
    for (const setting of FLAMES_TO_TRY)
      if (setting !== kit.flameSetting) list.push({ kind: { code: 'flame', setting }, kit: { ...kit, flameSetting: setting }, menu });
  for (const windscreen of FAMILY_WINDSCREENS[burner.family])
    if (windscreen !== kit.windscreen && windscreen !== 'none' && !wallsInCan(windscreen, burner))
      list.push({
        kind: { code: 'windscreen', windscreen },
        kit: { ...kit, windscreen, windscreenMassG: WINDSCREEN_MASS_G[windscreen] },
        menu,
      });
  if (menu.breakfast.hot)
    list.push({ kind: { code: 'coldBreakfast' }, kit, menu: { ...menu, breakfast: { ...menu.breakfast, hot: false } } });
  return list;
}
