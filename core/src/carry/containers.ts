import type { Fuel } from '../fuel/fuels';
import {
  BOTTLE_STEP_ML,
  BOTTLE_TARE_PER_STEP_G,
  CANISTER_SIZES,
  GEL_TIN,
  LIQUID_BOTTLES,
  TABLET_WRAP_G,
  type CanisterSize,
} from './packages';

/** What leaves the stop: containers with how full they are. */
export type Container =
  | { kind: 'canister'; netG: number; tareG: number; fuelG: number }
  | { kind: 'bottle'; sizeMl: number; fillMl: number; tareG: number; fuelG: number }
  | { kind: 'liquidBottle'; sizeMl: number; fillMl: number; tareG: number; fuelG: number }
  | { kind: 'gelTin'; netG: number; tareG: number; fuelG: number }
  | { kind: 'tablets'; count: number; tabletG: number; tareG: number; fuelG: number };

/** Fuel in a set of containers, g. */
export const fuelOfG = (containers: readonly Container[]): number => containers.reduce((sum, c) => sum + c.fuelG, 0);
/** Empty weight of a set of containers, g. */
export const tareOfG = (containers: readonly Container[]): number => containers.reduce((sum, c) => sum + c.tareG, 0);

/**
 * Fewest grams of packages that hold `needG` of fuel.
 * Canisters: lightest full set of the sizes on sale; alcohol: filled to the next `measureMl` in bottles of 250 mL steps; tablets: whole ones.
 */
export function chooseContainers(fuel: Fuel, needG: number, measureMl: number, cans = CANISTER_SIZES): Container[] {
  if (needG <= 0) return [];
  switch (fuel.kind) {
    case 'gas':
      return lightestCanisters(needG, cans).map((s) => ({ kind: 'canister', ...s, fuelG: s.netG }));
    case 'alcohol':
      return bottles(fuel.densityGPerMl, needG, measureMl);
    case 'liquid':
      return liquidBottles(fuel.densityGPerMl, needG);
    case 'gel':
      return Array.from({ length: Math.ceil(needG / GEL_TIN.netG - 1e-9) }, () => ({ kind: 'gelTin', ...GEL_TIN, fuelG: GEL_TIN.netG }));
    case 'wood': // gathered
    case 'none':
      return [];
    case 'tablet': {
      const count = Math.ceil(needG / fuel.tabletG - 1e-9);
      return [{ kind: 'tablets', count, tabletG: fuel.tabletG, tareG: count * TABLET_WRAP_G, fuelG: count * fuel.tabletG }];
    }
  }
}

/**
 * Lightest multiset of full canisters covering `needG`, by dynamic programming over grams of net mass in steps of 10 g
 * (all sizes are multiples of 10). Ties go to fewer canisters.
 */
export function lightestCanisters(needG: number, sizes = CANISTER_SIZES): CanisterSize[] {
  const STEP_G = 10;
  const cells = Math.max(1, Math.ceil(needG / STEP_G - 1e-9));
  const best: { grossG: number; count: number; last: CanisterSize | undefined; from: number }[] = [
    { grossG: 0, count: 0, last: undefined, from: 0 },
  ];
  for (let i = 1; i <= cells; i++) {
    const options = sizes.map((size) => {
      const from = Math.max(0, i - size.netG / STEP_G);
      return { grossG: best[from].grossG + size.netG + size.tareG, count: best[from].count + 1, last: size, from };
    });
    best[i] = options.reduce((a, b) => (b.grossG < a.grossG || (b.grossG === a.grossG && b.count < a.count) ? b : a));
  }
  const chosen: CanisterSize[] = [];
  for (let i = cells; i > 0; i = best[i].from) {
    const { last } = best[i];
    if (last) chosen.push(last);
  }
  return chosen.sort((a, b) => b.netG - a.netG);
}

/** Alcohol in the walker's own bottles: at most 500 mL each, so that one leak does not end the trip. */
function bottles(densityGPerMl: number, needG: number, measureMl: number): Container[] {
  const LARGEST_ML = 2 * BOTTLE_STEP_ML;
  let leftMl = Math.ceil(needG / densityGPerMl / measureMl - 1e-9) * measureMl;
  const out: Container[] = [];
  while (leftMl > 1e-9) {
    const fillMl = Math.min(LARGEST_ML, leftMl);
    const sizeMl = Math.ceil(fillMl / BOTTLE_STEP_ML - 1e-9) * BOTTLE_STEP_ML;
    const tareG = (sizeMl / BOTTLE_STEP_ML) * BOTTLE_TARE_PER_STEP_G;
    out.push({ kind: 'bottle', sizeMl, fillMl, tareG, fuelG: fillMl * densityGPerMl });
    leftMl -= fillMl;
  }
  return out;
}

/** Liquid fuel in pressure bottles, filled to the need: large ones while a small one would not do. */
function liquidBottles(densityGPerMl: number, needG: number): Container[] {
  const [small, large] = LIQUID_BOTTLES;
  const out: Container[] = [];
  let leftMl = needG / densityGPerMl;
  while (leftMl > 1e-9) {
    const bottle = leftMl > small.sizeMl ? large : small;
    const fillMl = Math.min(bottle.sizeMl, leftMl);
    out.push({ kind: 'liquidBottle', ...bottle, fillMl, fuelG: fillMl * densityGPerMl });
    leftMl -= fillMl;
  }
  return out;
}
