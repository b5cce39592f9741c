import { EVERYTHING, packageById, tabletPackage, type Offer } from '../carry';
import type { Fuel } from '../../physics/fuel';
import type { Sale, Stop } from '../model';

/** Where the fuel of a carry comes from. */
export type Supply = 'home' | 'box' | 'shop';

/** How a stop can fill up this fuel; undefined where it cannot. The first stop is reached from home. Any can on sale is taken for a gas kit. */
export function supplyAt(stop: Stop, index: number, fuel: Fuel): Supply | undefined {
  if (index === 0) return 'home';
  if (stop.box) return 'box';
  return stop.sells.some((sale) => feeds(sale, fuel)) ? 'shop' : undefined;
}

function feeds(sale: Sale, fuel: Fuel): boolean {
  if (packageById(sale.packageId).fuelKind !== fuel.kind) return false;
  return fuel.kind !== 'tablet' || sale.packageId === tabletPackage(fuel.tabletG);
}

/** What can be had there: what a shop sells at its prices, everything at usual ones from home or out of a box. */
export const offersAt = (stop: Stop, supply: Supply): readonly Offer[] => (supply === 'shop' ? stop.sells : EVERYTHING);
