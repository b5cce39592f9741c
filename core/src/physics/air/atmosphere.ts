import { requireRange } from '../../foundation/errors';
import { saturationTemperatureK, SEA_LEVEL_PA, ZERO_C_K } from '../water';

/**
 * Ambient pressure in Pa at `altitudeM` (−4,000 to 11,000 m; below the sea the same line is carried on).
 * US Standard Atmosphere 1976, troposphere. Throws OutOfRangeError outside.
 */
export function ambientPressurePa(altitudeM: number): number {
  requireRange('altitudeM', altitudeM, -4000, 11_000);
  return SEA_LEVEL_PA * (1 - 2.25577e-5 * altitudeM) ** 5.25588;
}

/** Boiling point of water in °C at an ambient pressure in Pa (IF97 region 4). */
export function boilingPointC(pressurePa: number): number {
  return saturationTemperatureK(pressurePa) - ZERO_C_K;
}
