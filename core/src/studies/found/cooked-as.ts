import { cozied, everyMeal, stoppedShort } from '../../domain/menu';
import type { Trip } from '../../domain/model';
import type { AcceptedWays } from './wish';

/** How the dishes are cooked with a kit, where it is not as planned. */
export interface Way {
  cozy: boolean;
  coldBreakfast: boolean;
}

/** The trip cooked the way an answer was: what the walker accepts everywhere, then what this kit asks for. */
export function cookedAs(trip: Trip, ways: AcceptedWays, { cozy, coldBreakfast }: Way): Trip {
  let cooked = ways.stopAt88 ? everyMeal(trip, stoppedShort) : trip;
  if (cozy) cooked = everyMeal(cooked, cozied);
  return coldBreakfast ? { ...cooked, menu: { ...cooked.menu, breakfast: { ...cooked.menu.breakfast, hot: false } } } : cooked;
}

/** The trip with everything cold. */
export const allCold = (trip: Trip): Trip => everyMeal(trip, (m) => ({ ...m, hot: false }));
