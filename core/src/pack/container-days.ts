import { drawDownG, EMPTY_G, type Container } from '../carry';
import { MEALS } from '../model';
import type { CarryPlan, PlannedMeal } from '../planned';

/** A container that leaves a stop, and the fuel planned to be in it at the end of each day that draws on it, g. */
export interface ContainerDays {
  container: Container;
  days: { day: number; leftG: number }[];
}

/**
 * The containers of a leg with their level by day, in the order of use. Canisters are drawn as the plan cooks on them: a meal that would
 * empty one ends on the next. Everything else is drawn in order. The last level of each is what the plan has left on arrival.
 */
export function containerDays({ containers, days }: Pick<CarryPlan, 'containers' | 'days'>): ContainerDays[] {
  const levels = containers.map((): ContainerDays['days'] => []);
  let fillsG = containers.map((c) => c.fuelG);
  for (const { day, meals } of days) {
    const before = fillsG;
    for (const name of MEALS) {
      const meal = meals[name];
      if (meal) fillsG = drawn(fillsG, containers, meal);
    }
    fillsG.forEach((leftG, at) => {
      if (before[at] - leftG > EMPTY_G) levels[at].push({ day, leftG });
    });
  }
  return containers.map((container, at) => ({ container, days: levels[at] }));
}

/** Fills after a meal, g: out of the canister that the plan begins it on, what that does not hold out of those that follow. */
function drawn(
  fillsG: readonly number[],
  containers: readonly Container[],
  { canAt, canFrom = canAt, fuelG }: Pick<PlannedMeal, 'canAt' | 'canFrom' | 'fuelG'>,
): number[] {
  if (canFrom === undefined) return drawDownG(fillsG, fuelG);
  const after = [...fillsG];
  const next = (): number | undefined => {
    const at = after.findIndex((g, i) => containers[i].kind === 'canister' && g > EMPTY_G);
    return at < 0 ? undefined : at;
  };
  let wantedG = fuelG;
  // past the last canister the plan cooks on a spare that nobody carries
  for (let at: number | undefined = canFrom; at !== undefined && at < containers.length && wantedG > EMPTY_G; at = next()) {
    const takenG = Math.min(after[at], wantedG);
    after[at] -= takenG;
    wantedG -= takenG;
  }
  return after;
}
