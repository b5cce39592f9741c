import type { Burn } from './burn';

/** What is measured out before lighting; absent for a burner with a valve. */
export type Dose = { kind: 'alcohol'; ml: number } | { kind: 'tablets'; count: number; keptG: number };

/** How a burner without a valve is filled. */
export interface DoseRule {
  /** One measure or one tablet, g. */
  stepG: number;
  /** The most that one filling holds, g. */
  capacityG: number;
  /** Share (0–1) of what is left over when the pot is done that is kept: blown out or snuffed. */
  kept: number;
}

/** A relight may cost at most this share of a filling: past it no number of fillings would come to an end. */
const MOST_RELIGHT_SHARE = 0.5;

/**
 * Fuel that a dose of `doseG` takes where `needG` are needed, g. What is over burns on, or is mostly kept; where it is too little the burner
 * is left to cool and filled again in whole measures, each time with `relightG` more for the pot that has cooled. Never falls with the need.
 */
export function usedOfDoseG({ stepG, capacityG, kept }: DoseRule, doseG: number, needG: number, relightG: number): number {
  if (needG <= doseG + 1e-9) return doseG - (doseG - needG) * kept;
  const relight = Math.min(relightG, MOST_RELIGHT_SHARE * capacityG);
  let usedG = doseG;
  let shortG = needG - doseG + relight;
  while (shortG > capacityG + 1e-9) {
    usedG += capacityG;
    shortG += relight - capacityG;
  }
  const pouredG = Math.ceil(shortG / stepG - 1e-9) * stepG;
  return usedG + pouredG - (pouredG - shortG) * kept;
}

/** A burn on which more fuel went than the pot needed: `boiledOff` when it was snuffed, else up the sides past the pot. */
export function withSurplus(burn: Burn, surplusG: number, boiledOff: boolean): Burn {
  const { heatJ, unburntG, lhvKJPerG } = burn.ledger;
  const fuelG = burn.fuelG + surplusG;
  if (boiledOff) return { ...burn, fuelG, ledger: { ...burn.ledger, unburntG: { ...unburntG, snuffed: surplusG } } };
  const afterDone = { ...heatJ.afterDone, sides: surplusG * lhvKJPerG * 1000 };
  return { ...burn, fuelG, ledger: { ...burn.ledger, heatJ: { ...heatJ, afterDone } } };
}
