import { requireRange } from '../../foundation/errors';
import type { Reading } from './reading';

/** An arm is read to this along a pole, and a bottle is filled to this, one standard deviation (docs/physics.md, Shelf; common practice). */
const ARM_SD_MM = 3;
const WATER_SD_G = 10;

/** A pole that balances bare over a cord, with a can on one arm and a bottle of known water on the other. */
export interface BalancedPole {
  /** Water and its bottle, g. */
  waterG: number;
  /** From the cord to the can and to the bottle, mm. */
  canArmMm: number;
  waterArmMm: number;
}

/** The can by the law of the lever, m = m_w·b/a, with the doubt of water and arms carried through. Throws OutOfRangeError for arms of no length. */
export function balancedGross({ waterG, canArmMm, waterArmMm }: BalancedPole): Reading {
  requireRange('canArmMm', canArmMm, 10, 3000);
  requireRange('waterArmMm', waterArmMm, 10, 3000);
  const massG = (waterG * waterArmMm) / canArmMm;
  return {
    massG,
    sdG: massG * Math.hypot(WATER_SD_G / waterG, ARM_SD_MM / waterArmMm, ARM_SD_MM / canArmMm),
  };
}
