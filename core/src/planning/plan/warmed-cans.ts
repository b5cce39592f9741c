import type { BurnFacts, PlanDay, PlannedMeal } from '../planned';
import { isDone, simulateBurn } from '../../physics/burn';
import type { Can } from '../../physics/canister';
import type { Container } from '../../domain/carry';
import { bisect } from '../../foundation/numeric';
import { sourceFor } from './burn-facts';
import { canIn } from './can-rack';

import { FRESH_CAN } from './evenings';
import type { KitInUse } from './kit-in-use';

/** A can is warmed to no more than this, °C (docs/physics.md, The can: barely warm to the skin). */
const WARMED_CAN_C = 25;
/** Bisection steps: the can to about a kelvin. */
const HALVINGS = 5;

/** A day whose meals that want a warmer can say how warm: a search that is only worth it once the cans are chosen, and once for each day as it was cooked. */
export function withWarmedCans(use: KitInUse, containers: readonly Container[], day: PlanDay): PlanDay {
  const cold = Object.values(day.meals).filter((m) => m.edge?.code === 'warmCan');
  if (!cold.length) return day;
  const cans = cold.map((m) => canOf(containers, m));
  return use.cache.warmedDay(day, cans, () => ({
    ...day,
    meals: Object.fromEntries(Object.entries(day.meals).map(([name, m]) => [name, withWarmedCan(use, containers, m)])),
  }));
}

function withWarmedCan(use: KitInUse, containers: readonly Container[], meal: PlannedMeal): PlannedMeal {
  if (meal.edge?.code !== 'warmCan') return meal;
  const canC = warmedCanC(use, meal.facts, canOf(containers, meal));
  return canC === undefined ? meal : { ...meal, edge: { code: 'warmCan', canC } };
}

/** The can a meal was cooked on as it was when lit; past those that are carried a spare of middle size stood in. */
function canOf(containers: readonly Container[], { canAt = containers.length, canFraction = 1 }: PlannedMeal): Can {
  const own = containers.at(canAt);
  const can = own?.kind === 'canister' ? canIn(own) : FRESH_CAN;
  return { ...can, fuelLeftG: canFraction * can.netG };
}

/** The coldest start of the can at which the burn is finished, °C; undefined where warming it once is not enough. */
function warmedCanC(use: KitInUse, facts: BurnFacts, can: Can): number | undefined {
  const works = (canC: number): boolean => isDone(simulateBurn({ ...facts, source: sourceFor(use, facts, can, undefined, canC) }));
  if (!works(WARMED_CAN_C)) return undefined;
  return bisect(Math.min(facts.airC, WARMED_CAN_C), WARMED_CAN_C, (c) => !works(c), HALVINGS).high;
}
