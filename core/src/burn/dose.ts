import type { AlcoholFuel, TabletFuel } from '../fuel';
import type { Burn } from './burn';
import { SNUFFED_SHARE } from './constants';

/** What is measured out before lighting; absent for a burner with a valve. */
export type Dose = { kind: 'alcohol'; ml: number } | { kind: 'tablets'; count: number; keptG: number };

export interface DosedBurn {
  burn: Burn;
  dose?: Dose;
}

/** Adds fuel that burns on after the pot is lifted off: all of it goes up the sides. */
function burnOn(burn: Burn, surplusG: number): Burn {
  const { heatJ } = burn.ledger;
  const afterDone = { ...heatJ.afterDone, sides: surplusG * burn.ledger.lhvKJPerG * 1000 };
  return { ...burn, fuelG: burn.fuelG + surplusG, ledger: { ...burn.ledger, heatJ: { ...heatJ, afterDone } } };
}

/** Counts fuel that boils off a burner when it is snuffed. */
function boilOff(burn: Burn, lostG: number): Burn {
  return { ...burn, fuelG: burn.fuelG + lostG, ledger: { ...burn.ledger, unburntG: { ...burn.ledger.unburntG, snuffed: lostG } } };
}

/**
 * Alcohol is poured before lighting: the dose is the need in whole measures of `measureMl`. What is over burns on, or is
 * snuffed and mostly kept (`snuffed`).
 */
export function doseAlcohol(burn: Burn, fuel: AlcoholFuel, measureMl: number, snuffed: boolean): DosedBurn {
  if (burn.outcome.kind !== 'done') return { burn };
  const ml = Math.ceil(burn.fuelG / fuel.densityGPerMl / measureMl - 1e-9) * measureMl;
  const surplusG = ml * fuel.densityGPerMl - burn.fuelG;
  return { burn: snuffed ? boilOff(burn, surplusG * (1 - SNUFFED_SHARE)) : burnOn(burn, surplusG), dose: { kind: 'alcohol', ml } };
}

/** Whole tablets: a large one is blown out and kept, small ones burn to the end. */
export function doseTablets(burn: Burn, fuel: TabletFuel): DosedBurn {
  if (burn.outcome.kind !== 'done') return { burn };
  const count = Math.ceil(burn.fuelG / fuel.tabletG - 1e-9);
  const surplusG = count * fuel.tabletG - burn.fuelG;
  if (fuel.keepsWhenBlownOut) return { burn, dose: { kind: 'tablets', count, keptG: surplusG } };
  return { burn: burnOn(burn, surplusG), dose: { kind: 'tablets', count, keptG: 0 } };
}
