import type { BurnFacts, MealBurn } from '../planned';
import { usedOfDoseG, withSurplus, type Burn, type Dose } from '../../physics/burn';
import { canStartC, type Can } from '../../physics/canister';
import { isGas } from '../../domain/catalogue';
import { doseRuleOf, doseTable, needSpread, type DoseTable } from './best-dose';
import { tryBurn } from './burn-facts';

import type { KitInUse } from './kit-in-use';
import { reckonedBurn } from './reckoned';

/** Simulates a meal on a kit. `can` is the canister in use, ignored by other families; `tried` its burn if already known. */
export function cookMeal(use: KitInUse, facts: BurnFacts, can: Can, tried: Burn = tryBurn(use, facts, can)): MealBurn {
  const reckoned = reckonedBurn(use, facts, can, tried);
  const failed = reckoned.edge ? { edge: reckoned.edge, atEdge: reckoned.burn } : {};
  const table = doseTableFor(use, facts, can, reckoned.burn, reckoned.edge !== undefined);
  if (!table) {
    const canC = isGas(use.burner) ? { canStartC: canStartC(facts.airC, use.kit.canWarming) } : {};
    return { burn: tried, facts, ...failed, ...canC, fuelG: reckoned.burn.fuelG };
  }
  const { best, wantsRefill } = table;
  const dosed = pour(table, reckoned.burn);
  return {
    facts,
    ...(reckoned.edge ? { burn: tried, edge: reckoned.edge, atEdge: dosed } : { burn: dosed }),
    dose: doseOf(table, reckoned.burn),
    fuelG: best.expectedG,
    ...(wantsRefill ? { wantsRefill } : {}),
  };
}

/** The doses of a meal, judged over the day's spread; undefined for burners with a valve and a can. */
export function doseTableFor(use: KitInUse, facts: BurnFacts, can: Can, burn: Burn, fails: boolean): DoseTable | undefined {
  const rule = doseRuleOf(use);
  return rule && doseTable(use, rule, burn, needSpread(use, facts, can, burn, fails), facts.primingG);
}

/** The burn with the best dose poured for it. */
function pour({ best, rule, relightG, unit }: DoseTable, burn: Burn): Burn {
  const surplusG = usedOfDoseG(rule, best.fuelG, burn.fuelG, relightG) - burn.fuelG;
  return surplusG > 0 ? withSurplus(burn, surplusG, unit === 'mL' && rule.kept > 0) : burn;
}

function doseOf({ best, rule, unit }: DoseTable, { fuelG }: Burn): Dose {
  if (unit === 'mL') return { kind: 'alcohol', ml: best.amount };
  return { kind: 'tablets', count: best.amount, keptG: rule.kept * Math.max(0, best.fuelG - fuelG) };
}
