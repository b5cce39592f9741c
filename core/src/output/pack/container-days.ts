import { drawnDown, EMPTY_G, type Container } from '../../domain/carry';
import { MEALS } from '../../domain/model';
import { canRack, cansIn, containersWith } from '../../planning/plan';
import type { CarryPlan } from '../../planning/planned';

/** A container that leaves a stop, and as it is planned to be at the end of each day that draws on it. */
export interface ContainerDays {
  container: Container;
  days: { day: number; left: Container }[];
}

/**
 * The containers of a leg with their level by day, in the order of use. Canisters are drawn as the plan cooks on them, everything else in
 * order. The last level of each is what the plan has left on arrival.
 */
export function containerDays({ containers, days }: Pick<CarryPlan, 'containers' | 'days'>): ContainerDays[] {
  const levels = containers.map((): ContainerDays['days'] => []);
  const rack = canRack(cansIn(containers));
  let held = containers;
  for (const { day, meals } of days) {
    const before = held;
    for (const name of MEALS) {
      const meal = meals[name];
      if (!meal) continue;
      const { canAt, canFrom = canAt, fuelG } = meal;
      if (canFrom === undefined) {
        held = drawnDown(held, fuelG);
        continue;
      }
      const begun = rack.candidates().find((number) => rack.can(number).at === canFrom);
      if (begun !== undefined) rack.draw(begun, fuelG);
      held = containersWith(held, rack.now());
    }
    held.forEach((left, at) => {
      if (before[at]!.fuelG - left.fuelG > EMPTY_G) levels[at]!.push({ day, left });
    });
  }
  return containers.map((container, at) => ({ container, days: levels[at]! }));
}
