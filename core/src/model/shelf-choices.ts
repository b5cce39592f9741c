import type { Fuel } from '../fuel';
import type { LookHow } from './shelf-schema';

export const SHELF_KINDS = ['canister', 'gelTin', 'bottle', 'liquidBottle', 'tablets'] as const;
export type ShelfKind = (typeof SHELF_KINDS)[number];

/** What each kind holds. */
export const FUEL_IN: Record<ShelfKind, Fuel['kind']> = {
  canister: 'gas',
  gelTin: 'gel',
  bottle: 'alcohol',
  liquidBottle: 'liquid',
  tablets: 'tablet',
};

/** Ways of looking at each kind of container. */
export const LOOKS_AT: Record<ShelfKind, readonly LookHow[]> = {
  canister: ['weighed', 'floated', 'marked', 'risen', 'balanced', 'burnt', 'walked', 'joined'],
  gelTin: ['weighed', 'balanced', 'burnt', 'walked'],
  bottle: ['weighed', 'measured', 'balanced', 'burnt', 'walked'],
  liquidBottle: ['weighed', 'measured', 'balanced', 'burnt', 'walked'],
  tablets: ['counted', 'weighed', 'burnt', 'walked'],
};
