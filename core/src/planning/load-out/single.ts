import { CANISTER_SIZES, fullCan, GEL_TIN, holding, type CanSize, type Container } from '../../domain/carry';
import type { Fuel } from '../../physics/fuel';
import { bestCans } from './cans';

/** The lightest set of full cans that holds `needG`, largest first. */
export function lightestCans(needG: number, sizes: readonly CanSize[] = CANISTER_SIZES): CanSize[] {
  const plan = bestCans(sizes, [{ burntG: needG, weight: 1, burntOff: 0, needG, bin: false, prices: sizes.map(() => 0) }]);
  const bought = plan.ok ? plan.value.steps[0]!.bought : [];
  return sizes.flatMap((s, k) => Array.from({ length: bought[k] ?? 0 }, () => s)).sort((a, b) => b.netG - a.netG);
}

/** What one carry by itself leaves with, the lightest that holds `needG`: alcohol in whole measures, tablets whole. Wood is gathered. */
export function containersFor(fuel: Fuel, needG: number, measureMl: number): Container[] {
  if (needG <= 0) return [];
  switch (fuel.kind) {
    case 'gas':
      return lightestCans(needG).map(fullCan);
    case 'gel':
      return lightestCans(needG, [GEL_TIN]).map((s) => ({ kind: 'gelTin', ...s, fuelG: s.netG }));
    case 'alcohol': {
      const measureG = measureMl * fuel.densityGPerMl;
      return holding(fuel, Math.ceil(needG / measureG - 1e-9) * measureG);
    }
    case 'tablet':
      return holding(fuel, Math.ceil(needG / fuel.tabletG - 1e-9) * fuel.tabletG);
    case 'liquid':
    case 'wood':
    case 'none':
      return holding(fuel, needG);
  }
}
