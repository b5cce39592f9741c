import { isDone } from '../burn';
import { CALIBRATED, MEALS, ownBurner, type Calibration, type Kit } from '../model';
import { projected } from '../numeric';
import { FRESH_CAN, kitInUse, potOver, tryBurn, type BurnFacts, type CarryPlan } from '../plan';

/** Step for slopes, in logarithms. */
const STEP = 0.02;

/**
 * How far burner and pot are known together after burn tests, as a share of a carry's fuel: the covariance of the calibration along the slopes of its
 * dearest burn. Undefined for a kit without tests, or a carry without a burn that ends.
 */
export function burnerDoubt(kit: Kit, { days }: Pick<CarryPlan, 'days'>): number | undefined {
  const calibration = ownBurner(kit);
  const meals = days.flatMap((d) => MEALS.flatMap((m) => d.meals[m] ?? [])).filter((m) => isDone(m.burn));
  if (!calibration || !meals.length) return undefined;
  const { facts } = meals.reduce((a, b) => (b.fuelG > a.fuelG ? b : a));
  const slopes = fuelSlopes(kit, calibration, facts);
  return projected({ mean: slopes.map(() => 0), covariance: calibration.covariance }, slopes).sd;
}

/** How the logarithm of a burn's fuel moves with the logarithm of each factor. */
export function fuelSlopes(kit: Kit, calibration: Calibration, facts: BurnFacts): number[] {
  const fuelG = (factors: Calibration['factors']): number => {
    const use = kitInUse({ ...kit, calibration: { ...calibration, factors } });
    return tryBurn(use, { ...facts, ...potOver(use), lidOn: facts.lidOn }, FRESH_CAN).fuelG;
  };
  const here = fuelG(calibration.factors);
  return CALIBRATED.map((name) => {
    const moved = fuelG({ ...calibration.factors, [name]: calibration.factors[name] * Math.exp(STEP) });
    return here > 0 && moved > 0 ? Math.log(moved / here) / STEP : 0;
  });
}
