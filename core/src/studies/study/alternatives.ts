import { burnerById, FAMILY_WINDSCREENS, hasValve, isGas, wallsInCan, WINDSCREEN_MASS_G } from '../../domain/catalogue';
import { everyMeal, isPlainBoil, stoppedShort } from '../../domain/menu';
import type { Kit, Trip } from '../../domain/model';
import type { WindscreenKind } from '../../physics/burn';
import type { PlanDay } from '../../planning/planned';
import { flamesToTry } from './flames-to-try';
import { hotDishesOf, otherPots } from './other-pots';

/** One thing about a kit that could be done the other way. */
export type KitAlternative =
  | { code: 'lid'; on: boolean }
  | { code: 'windscreen'; windscreen: WindscreenKind }
  | { code: 'flame'; setting: number }
  | { code: 'warmCan'; warming: Kit['canWarming'] }
  | { code: 'pot'; name: string };

interface Alternative {
  kind: KitAlternative;
  change: Partial<Kit>;
}

/** Settings nearer to each other than this are one flame. */
const SAME_FLAME = 0.02;

/** What could be done the other way with a trip's kit on some days, and what of the kit each changes. */
export function kitAlternatives(trip: Trip, days: readonly PlanDay[]): Alternative[] {
  const { kit } = trip;
  const burner = burnerById(kit.burnerId);
  const windscreens = FAMILY_WINDSCREENS[burner.family].filter((w) => w !== kit.windscreen && !wallsInCan(w, burner));
  const flames = hasValve(burner) ? flamesToTry(trip, days).filter((s) => Math.abs(s - kit.flameSetting) > SAME_FLAME) : [];
  const warmed = (warming: Kit['canWarming']): Alternative => ({ kind: { code: 'warmCan', warming }, change: { canWarming: warming } });
  return [
    { kind: { code: 'lid', on: !kit.lidOn }, change: { lidOn: !kit.lidOn } },
    ...windscreens.map((windscreen): Alternative => ({
      kind: { code: 'windscreen', windscreen },
      change: { windscreen, windscreenMassG: WINDSCREEN_MASS_G[windscreen] },
    })),
    ...flames.map((setting): Alternative => ({ kind: { code: 'flame', setting }, change: { flameSetting: setting } })),
    ...(isGas(burner) ? [warmed(kit.canWarming === 'none' ? 'jacket' : 'none')] : []),
    ...otherPots(trip).map((pot): Alternative => ({ kind: { code: 'pot', name: pot.name }, change: { pot } })),
  ];
}

/** Is a hot dish brought to the boil that is done below it as well? */
export const canStopShort = (trip: Trip): boolean => hotDishesOf(trip).some(isPlainBoil);
/** Every dish heated to 88 °C instead of the boil, where that is enough. */
export const stopShort = (trip: Trip): Trip => everyMeal(trip, stoppedShort);
