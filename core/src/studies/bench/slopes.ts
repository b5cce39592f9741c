import { isDone, type Burn } from '../../physics/burn';
import { CALIBRATED, type Calibration } from '../../domain/model';

/** Step of a slope, in logarithms: wide beside the integrator's error, narrow beside how the model bends. */
export const STEP = 0.02;

/** How a burn moves with something, per unit of it: the logarithm of its fuel, and of its time. */
export type Slope = readonly [fuel: number, seconds: number];

/** From one burn to another that lies a step away; flat where the other does not come to its end. */
export const slopeTo = (here: Burn, moved: Burn, step = STEP): Slope =>
  isDone(here) && isDone(moved) ? [Math.log(moved.fuelG / here.fuelG) / step, Math.log(moved.durationS / here.durationS) / step] : [0, 0];

/** How a burn moves with the logarithm of each factor on its burner, in the order of CALIBRATED: rows of fuel and of time. */
export function factorSlopes(
  factors: Calibration['factors'],
  burnWith: (factors: Calibration['factors']) => Burn,
  here = burnWith(factors),
): [fuel: number[], seconds: number[]] {
  const slopes = CALIBRATED.map((name) => slopeTo(here, burnWith({ ...factors, [name]: factors[name] * Math.exp(STEP) })));
  return [slopes.map(([fuel]) => fuel), slopes.map(([, seconds]) => seconds)];
}
