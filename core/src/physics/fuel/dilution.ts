import { requireRange } from '../../foundation/errors';
import { ETHANOL_G_PER_ML, ethanolWaterDensity, massShareOf, WATER_G_PER_ML } from './ethanol-water';
import { LHV_KJ_PER_G, WATER_VAPORISATION_KJ_PER_G } from './fuels';

export interface Dilution {
  /** Water to add, mL. */
  waterMl: number;
  /** What comes of it, mL: less than the two together. */
  resultMl: number;
  /** Volume that vanishes in mixing, mL. */
  contractionMl: number;
  /** Heat per mL before and after, kJ. */
  strongKJPerMl: number;
  dilutedKJPerMl: number;
}

/** Heat released per mL of an ethanol–water spirit of strength `volumeShare` (0–1), kJ at 20 °C, its water evaporated. */
export function spiritHeatKJPerMl(volumeShare: number): number {
  const mass = massShareOf(volumeShare);
  return ethanolWaterDensity(mass) * (mass * LHV_KJ_PER_G.ethanol - (1 - mass) * WATER_VAPORISATION_KJ_PER_G);
}

/**
 * Water that brings `spiritMl` of strength `fromShare` (by volume, 0–1) down to `toShare`, with contraction.
 * The ethanol stays; masses add and volumes do not, so all is done in grams. Throws OutOfRangeError when `toShare` is not below `fromShare`.
 */
export function dilute(spiritMl: number, fromShare: number, toShare: number): Dilution {
  requireRange('toShare', toShare, 0.01, fromShare);
  const ethanolG = spiritMl * fromShare * ETHANOL_G_PER_ML;
  const spiritG = spiritMl * ethanolWaterDensity(massShareOf(fromShare));
  const toMass = massShareOf(toShare);
  const resultG = ethanolG / toMass;
  const waterMl = Math.max(0, resultG - spiritG) / WATER_G_PER_ML;
  const resultMl = resultG / ethanolWaterDensity(toMass);
  return {
    waterMl,
    resultMl,
    contractionMl: spiritMl + waterMl - resultMl,
    strongKJPerMl: spiritHeatKJPerMl(fromShare),
    dilutedKJPerMl: spiritHeatKJPerMl(toShare),
  };
}
