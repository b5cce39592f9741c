import { factorSlopes } from '../bench';
import { isDone } from '../../physics/burn';
import { MEALS, ownBurner, type Calibration, type Kit } from '../../domain/model';
import { sdOfProjection } from '../../foundation/numeric';
import { FRESH_CAN, kitInUse, potOnFlame, tryBurn, type PlanCache } from '../../planning/plan';
import type { BurnFacts, CarryPlan } from '../../planning/planned';

/** What the dearest burn of some days that ends is burnt in: the first of those that use most. Undefined where none ends. */
export function dearestFacts({ days }: Pick<CarryPlan, 'days'>): BurnFacts | undefined {
  const meals = days.flatMap((d) => MEALS.flatMap((m) => d.meals[m] ?? [])).filter((m) => isDone(m.burn));
  return meals.length ? meals.reduce((a, b) => (b.fuelG > a.fuelG ? b : a)).facts : undefined;
}

/**
 * How far burner and pot are known together after burn tests, as a share of a carry's fuel: the covariance of the calibration along the slopes of its
 * dearest burn. Undefined for a kit without tests, or a carry without a burn that ends.
 */
export function burnerDoubt(kit: Kit, carry: Pick<CarryPlan, 'days'>, cache?: PlanCache): number | undefined {
  const calibration = ownBurner(kit);
  const facts = dearestFacts(carry);
  return calibration && facts && sdOfProjection(calibration.covariance, fuelSlopes(kit, calibration, facts, cache));
}

/** How the logarithm of a burn's fuel moves with the logarithm of each factor. */
export function fuelSlopes(kit: Kit, calibration: Calibration, facts: BurnFacts, cache?: PlanCache): number[] {
  const [fuel] = factorSlopes(calibration.factors, (factors) => {
    const use = kitInUse({ ...kit, calibration: { ...calibration, factors } }, cache);
    return tryBurn(use, { ...facts, ...potOnFlame(use), lidOn: facts.lidOn }, FRESH_CAN);
  });
  return fuel;
}
