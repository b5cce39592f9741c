import { requireRange } from '../../foundation/errors';

/** A scale as the walker knows it. */
export interface Scale {
  /** Its last digit, g. */
  resolutionG: number;
  /** Standard deviation of the walker's own re-weighings of one thing, g, where there are any. */
  ownSdG?: number;
}

/** Dew or frost on a can, g (docs/physics.md, Bench; common practice). */
const WET_CAN_SD_G = 1.5;
/** A normal number stays within so many deviations in 95 of 100. */
const NORMAL_95 = 1.96;

/** One reading: the last digit is rounded, or worse where the walker's own re-weighings scatter more, r/√12. Throws for a scale without digits. */
export function readingSdG({ resolutionG, ownSdG = 0 }: Scale): number {
  requireRange('resolutionG', resolutionG, 0.001, 100);
  return Math.max(resolutionG / Math.sqrt(12), ownSdG);
}

/** A burn is the difference of two readings; a can that was not dry adds dew to each. */
export const burnSdG = (scale: Scale, isWet = false): number => Math.SQRT2 * Math.hypot(readingSdG(scale), isWet ? WET_CAN_SD_G : 0);

/** Between burns of one setup, as a share of each, until three of a walker's own say otherwise (docs/physics.md, Bench: assumption). */
export const REPEAT_SCATTER = 0.05;

/** Do two single burns differ by more than their scale and the usual scatter between burns can make? */
export const scaleResolves = (aG: number, bG: number, scale: Scale): boolean =>
  Math.abs(aG - bG) > NORMAL_95 * Math.hypot(Math.SQRT2 * burnSdG(scale), REPEAT_SCATTER * Math.hypot(aG, bG));
