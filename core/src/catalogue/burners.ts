import type { FlameKind, WindscreenKind } from '../burn/constants';

/** Generic burners, unbranded. Powers from domain section 4, masses common practice. */
export interface GasBurner {
  family: 'canisterTop';
  id: string;
  name: string;
  massG: number;
  flame: FlameKind;
  ratedW: number;
  lowestW: number;
}
export interface AlcoholBurner {
  family: 'openAlcohol';
  id: string;
  name: string;
  massG: number;
  flame: FlameKind;
  ratedW: number;
}
export interface TabletBurner {
  family: 'tablet';
  id: string;
  name: string;
  massG: number;
  flame: FlameKind;
  tabletsAtOnce: number;
}
export type Burner = GasBurner | AlcoholBurner | TabletBurner;
export type BurnerFamily = Burner['family'];

export const BURNERS: readonly Burner[] = [
  { family: 'canisterTop', id: 'gas-micro', name: 'small gas burner', massG: 73, flame: 'tall', ratedW: 1900, lowestW: 350 },
  { family: 'canisterTop', id: 'gas-large', name: 'larger gas burner', massG: 95, flame: 'tall', ratedW: 2700, lowestW: 350 },
  { family: 'canisterTop', id: 'gas-bowl', name: 'bowl-head gas burner', massG: 88, flame: 'bowl', ratedW: 2700, lowestW: 350 },
  { family: 'openAlcohol', id: 'alcohol-open', name: 'open-jet alcohol burner', massG: 15, flame: 'openAlcohol', ratedW: 1500 },
  { family: 'tablet', id: 'tablet-single', name: 'tablet tray, one lit', massG: 11, flame: 'tablet', tabletsAtOnce: 1 },
  { family: 'tablet', id: 'tablet-double', name: 'tablet tray, two lit', massG: 16, flame: 'tablet', tabletsAtOnce: 2 },
];

/** Which fuel kind each family burns. */
export const FAMILY_FUEL = { canisterTop: 'gas', openAlcohol: 'alcohol', tablet: 'tablet' } as const;

/** Windscreens that fit a family: the fitted cone belongs to alcohol burners, the clip-on plate to gas. */
export const FAMILY_WINDSCREENS: Record<BurnerFamily, readonly WindscreenKind[]> = {
  canisterTop: ['none', 'plate', 'folded', 'foil'],
  openAlcohol: ['none', 'folded', 'foil', 'cone'],
  tablet: ['none', 'folded', 'foil'],
};

/** The burner of that id; throws when the catalogue has none. */
export function burnerById(id: string): Burner {
  const found = BURNERS.find((b) => b.id === id);
  if (!found) throw new Error(`no burner "${id}" in the catalogue`);
  return found;
}
