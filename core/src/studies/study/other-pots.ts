import { potVolumeMl } from '../../physics/burn';
import { asKitPot, POTS } from '../../domain/catalogue';
import { headspaceOf, potFillMl } from '../../domain/menu';
import { MEALS, type Meal, type Trip } from '../../domain/model';

/** Every hot dish that a trip may cook, the usual ones and its own. */
export const hotDishesOf = (trip: Trip): Meal[] =>
  [...MEALS.map((name) => trip.menu[name]), ...trip.dishes.map((d) => d.meal)].filter((m) => m.hot);

/** The next smaller and the next larger pot of the catalogue that the dishes fit into, of the same kind of base. */
export function otherPots(trip: Trip): Trip['kit']['pot'][] {
  const nowMl = potVolumeMl(trip.kit.pot);
  const needMl = Math.max(0, ...hotDishesOf(trip).map((m) => potFillMl(m) / headspaceOf(m)));
  const fitting = POTS.filter((p) => p.base === trip.kit.pot.base && p.name !== trip.kit.pot.name && potVolumeMl(p) >= needMl);
  const bySize = [...fitting].sort((a, b) => potVolumeMl(a) - potVolumeMl(b));
  const smaller = bySize.filter((p) => potVolumeMl(p) < nowMl).at(-1);
  const larger = bySize.find((p) => potVolumeMl(p) > nowMl);
  return [smaller, larger].flatMap((p) => (p ? [asKitPot(p)] : []));
}
