import type { Pot, WindscreenKind } from '../../physics/burn';

/** Generic pots, unbranded; dimensions and masses common practice. */
export interface CataloguePot extends Pot {
  id: string;
  name: string;
}

export const POTS: readonly CataloguePot[] = [
  {
    id: 'ti-550',
    name: '0.55 L titanium mug',
    diameterMm: 95,
    heightMm: 85,
    massG: 72,
    lidMassG: 16,
    material: 'titanium',
    base: 'bare',
  },
  {
    id: 'ti-750',
    name: '0.75 L titanium, tall',
    diameterMm: 95,
    heightMm: 112,
    massG: 92,
    lidMassG: 18,
    material: 'titanium',
    base: 'bare',
  },
  {
    id: 'ti-900',
    name: '0.9 L titanium, wide',
    diameterMm: 125,
    heightMm: 82,
    massG: 98,
    lidMassG: 25,
    material: 'titanium',
    base: 'bare',
  },
  {
    id: 'al-1000',
    name: '1 L aluminium, wide',
    diameterMm: 120,
    heightMm: 95,
    massG: 130,
    lidMassG: 28,
    material: 'aluminium',
    base: 'bare',
  },
  {
    id: 'st-1000',
    name: '1 L stainless',
    diameterMm: 120,
    heightMm: 92,
    massG: 210,
    lidMassG: 60,
    material: 'stainless',
    base: 'bare',
  },
  {
    id: 'fin-1000',
    name: '1 L finned aluminium',
    diameterMm: 118,
    heightMm: 115,
    massG: 190,
    lidMassG: 26,
    material: 'aluminium',
    base: 'finned',
  },
];

/** The pot of that id; throws when the catalogue has none. */
export function potById(id: string): CataloguePot {
  const found = POTS.find((p) => p.id === id);
  if (!found) throw new Error(`no pot "${id}" in the catalogue`);
  return found;
}

/** A pot of the catalogue as a kit holds it: without its id. */
export function asKitPot({ id: _id, ...pot }: CataloguePot): Omit<CataloguePot, 'id'> {
  return pot;
}

/** Masses of windscreens, g (common practice). */
export const WINDSCREEN_MASS_G: Record<WindscreenKind, number> = { none: 0, plate: 24, folded: 60, foil: 18, cone: 22 };
