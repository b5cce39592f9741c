import { requireRange } from '../../foundation/errors';
import { bisect } from '../../foundation/numeric';

/** Density of ethanol–water mixtures at 20 °C, g/mL, every 5 % by mass (CRC Handbook / Perry's Chemical Engineers' Handbook). */
const DENSITY_BY_MASS = [
  0.99823, 0.98938, 0.98187, 0.97514, 0.96864, 0.96168, 0.95382, 0.94494, 0.93518, 0.92472, 0.91384, 0.90258, 0.89113, 0.87948, 0.86766,
  0.85564, 0.84344, 0.83095, 0.81797, 0.80424, 0.78934,
] as const;
const STEP = 0.05;
/** Density of pure ethanol at 20 °C, g/mL: the last row of the table. */
export const ETHANOL_G_PER_ML = DENSITY_BY_MASS[DENSITY_BY_MASS.length - 1]!;
/** Density of water at 20 °C, g/mL: the first row of the table. */
export const WATER_G_PER_ML = DENSITY_BY_MASS[0];

/** Density in g/mL at 20 °C of a mixture with `massShare` ethanol (0–1): local cubic through the table. Throws OutOfRangeError outside. */
export function ethanolWaterDensity(massShare: number): number {
  requireRange('massShare', massShare, 0, 1);
  const last = DENSITY_BY_MASS.length - 1;
  const i = Math.min(last - 1, Math.floor(massShare / STEP));
  const first = Math.min(Math.max(i - 1, 0), last - 3);
  let sum = 0;
  for (let a = first; a < first + 4; a++) {
    let weight = 1;
    for (let b = first; b < first + 4; b++) if (b !== a) weight *= (massShare / STEP - b) / (a - b);
    sum += weight * DENSITY_BY_MASS[a]!;
  }
  return sum;
}

/** Strength by volume at 20 °C (0–1) of a mixture with `massShare` ethanol: mass of ethanol in a mL over its own density. */
export function volumeShareOf(massShare: number): number {
  return (massShare * ethanolWaterDensity(massShare)) / ETHANOL_G_PER_ML;
}

/** Share by mass of a spirit of `volumeShare` (0–1): inverse of {@link volumeShareOf} by bisection. */
export function massShareOf(volumeShare: number): number {
  requireRange('volumeShare', volumeShare, 0, 1);
  const { low, high } = bisect(0, 1, (massShare) => volumeShareOf(massShare) < volumeShare, 50);
  return (low + high) / 2;
}
