import { POT_CP_J_PER_KG_K, type POT_BASE, type PotMaterial } from './constants';

/** A pot as a cylinder. */
export interface Pot {
  diameterMm: number;
  heightMm: number;
  massG: number;
  lidMassG: number;
  material: PotMaterial;
  base: keyof typeof POT_BASE;
}

/** Outer areas in m²: base, side, and the open top or lid. */
export function potAreas(pot: Pot): { baseM2: number; sideM2: number; lidM2: number } {
  const d = pot.diameterMm / 1000;
  const baseM2 = (Math.PI * d * d) / 4;
  return { baseM2, sideM2: Math.PI * d * (pot.heightMm / 1000), lidM2: baseM2 };
}

/** Heat capacity of the pot, J/K. The lid is warmed by vapour that would have left anyway and is not counted. */
export function potHeatCapacityJPerK(pot: Pot): number {
  return (pot.massG / 1000) * POT_CP_J_PER_KG_K[pot.material];
}

/** Brimful volume of the cylinder in mL. */
export function potVolumeMl(pot: Pot): number {
  return potAreas(pot).baseM2 * pot.heightMm * 1000;
}
