import { requireRange } from '../../foundation/errors';
import { FUSION_J_PER_KG, ICE_CP_J_PER_KG_K } from './constants';

/** Heat to bring `massG` of snow at `snowC` (≤ 0 °C) to water at 0 °C, J. Throws OutOfRangeError above 0 °C. */
export function snowMeltJ(massG: number, snowC: number): number {
  requireRange('snowC', snowC, -60, 0);
  return (massG / 1000) * (ICE_CP_J_PER_KG_K * -snowC + FUSION_J_PER_KG);
}

/** Potfuls of snow of `densityGPerMl` (0.1 fresh powder … 0.5 old firn) that make `waterMl`, each filling `potMl`. */
export function snowPotfuls(waterMl: number, densityGPerMl: number, potMl: number): number {
  requireRange('densityGPerMl', densityGPerMl, 0.05, 0.92);
  return waterMl / densityGPerMl / potMl;
}
