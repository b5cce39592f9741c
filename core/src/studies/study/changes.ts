import type { WindscreenKind } from '../../physics/burn';
import { burnerById } from '../../domain/catalogue';
import type { Kit, Trip } from '../../domain/model';
import { replanCarry, planCache, type PlanCache } from '../../planning/plan';
import type { CarryPlan } from '../../planning/planned';
import { editKitOnLeg, tripOnLeg, withKitOnLeg } from '../../domain/trail';
import { canStopShort, kitAlternatives, stopShort, type KitAlternative } from './alternatives';
import { mealChange } from './meal-change';
import { cookingTimeS } from './cooking-time';

/** One thing the walker could do differently, measured by planning again. */
export interface Change {
  kind: ChangeKind;
  /** It costs hot food, not only a habit. */
  comfort: boolean;
  trip: Trip;
  /** Fuel counted over the carry, against now, g (negative saves). */
  fuelG: number;
  /** Weight leaving the stop, against now, g (negative saves). */
  startG: number;
  /** Minutes at the stove over the carry, against now, s. */
  timeS: number;
  /** Meals that failed and are cooked so. */
  mealsMended: number;
}
export type ChangeKind =
  | { code: 'stopAt88' }
  | { code: 'lidOn' }
  | { code: 'flame'; setting: number }
  | { code: 'windscreen'; windscreen: WindscreenKind }
  | { code: 'warmCan' }
  | { code: 'oneLighting' }
  | { code: 'pot'; name: string }
  | { code: 'noBurner' }
  | { code: 'coldBreakfast' };

/** Less than this is not worth a sentence, g. */
const WORTH_G = 1;
/** A gram saved is worth so much waiting at the stove, s (assumption: nobody waits longer for it). */
const MOST_S_PER_G = 120;

/**
 * Plans one carry anew by itself with every candidate (savings are never added up) and returns those that cook more meals, or as many for
 * less fuel or weight: what mends first, then what costs no comfort, then weight off the back, then fuel. Both sides of a difference choose
 * their containers for this carry alone.
 */
export function bestChanges(trip: Trip, planned: CarryPlan, cache: PlanCache = planCache()): Change[] {
  const now = replanCarry(trip, planned, { cache });
  return candidates(tripOnLeg(trip, planned.fromStop), now)
    .map(({ kind, edit }): Change => {
      const changed = edit(trip);
      const then = replanCarry(changed, planned, { cache });
      return {
        kind,
        comfort: kind.code === 'coldBreakfast',
        trip: changed,
        fuelG: then.demandG - now.demandG,
        startG: then.profile.startG - now.profile.startG,
        timeS: cookingTimeS(then) - cookingTimeS(now),
        mealsMended: mealChange(now, then).mealsMended,
      };
    })
    .filter(isWorthIt)
    .filter((c) => c.mealsMended > 0 || (c.mealsMended === 0 && c.fuelG < WORTH_G && (c.fuelG < -WORTH_G || c.startG < -WORTH_G)))
    .sort((a, b) => b.mealsMended - a.mealsMended || Number(a.comfort) - Number(b.comfort) || a.startG - b.startG || a.fuelG - b.fuelG);
}

/** Does it save enough for the time it takes? Mending a meal always does. */
const isWorthIt = ({ mealsMended, timeS, fuelG, startG }: Change): boolean =>
  mealsMended > 0 || timeS <= MOST_S_PER_G * Math.max(0, -fuelG, -startG);

interface Candidate {
  kind: ChangeKind;
  edit: (trip: Trip) => Trip;
}

/** Everything tried on a carry as it is planned now; `trip` as it is walked there. */
function candidates(trip: Trip, now: CarryPlan): Candidate[] {
  const { kit, menu } = trip;
  const burner = burnerById(kit.burnerId);
  if (burner.family === 'none') return [];
  const isBanned = now.days.every((d) => Object.keys(d.meals).length === 0) && now.problems.some((p) => p.code === 'banned');
  if (isBanned) return [{ kind: { code: 'noBurner' }, edit: (t) => withoutBurner(t, kit, now) }];
  const onKit = kitAlternatives(trip, now.days).flatMap(({ kind, change }): Candidate[] => {
    const asChange = mildly(kind, kit);
    return asChange ? [{ kind: asChange, edit: (t) => editKitOnLeg(t, now.fromStop, (k) => ({ ...k, ...change })) }] : [];
  });
  const hasSecondPot = !trip.oneLighting && (menu.drink.hot || menu.washUp.hot);
  const coldBreakfast = (t: Trip): Trip => ({ ...t, menu: { ...t.menu, breakfast: { ...t.menu.breakfast, hot: false } } });
  return [
    ...(canStopShort(trip) ? [{ kind: { code: 'stopAt88' as const }, edit: stopShort }] : []),
    ...onKit,
    ...(hasSecondPot ? [{ kind: { code: 'oneLighting' as const }, edit: (t: Trip) => ({ ...t, oneLighting: true }) }] : []),
    ...(menu.breakfast.hot ? [{ kind: { code: 'coldBreakfast' as const }, edit: coldBreakfast }] : []),
  ];
}

/** Another way with the kit as a change that is worth trying: nobody is told to leave the lid, the windscreen or the warm canister away. */
function mildly(kind: KitAlternative, kit: Kit): ChangeKind | undefined {
  switch (kind.code) {
    case 'lid':
      return kind.on ? { code: 'lidOn' } : undefined;
    case 'windscreen':
      return kind.windscreen === 'none' ? undefined : kind;
    case 'warmCan':
      return kit.canWarming === 'none' ? { code: 'warmCan' } : undefined;
    default:
      return kind;
  }
}

/** The legs of a carry walked with the same kit but for burner and windscreen; the legs after it have theirs again. */
function withoutBurner(trip: Trip, kit: Kit, { fromStop, toStop }: CarryPlan): Trip {
  const none: Kit = { ...kit, burnerId: 'none', burnerMassG: 0, fuelId: 'none', windscreen: 'none', windscreenMassG: 0 };
  const legs = Array.from({ length: toStop - fromStop }, (_, i) => fromStop + i);
  return legs.reduce((t, leg) => withKitOnLeg(t, leg, { rackKitId: NO_BURNER_ID, kit: none }), trip);
}
/** Names the kit of legs that are walked without a burner. */
const NO_BURNER_ID = 'no-burner';
