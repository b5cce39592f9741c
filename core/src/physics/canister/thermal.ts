import { blendedConvection, forcedConvection } from '../air';
import type { BlendByMass } from '../fuel';
import { nearest } from '../../foundation/numeric';

/** Latent heat of the blend, J/g (docs/physics.md, The can). */
export const LATENT_J_PER_G = 355;
const FUEL_CP_J_PER_G_K = 2.4;
const STEEL_CP_J_PER_G_K = 0.46;
/** Share of burner power that returns to an upright can (docs/physics.md, The can; assumption). */
export const BURNER_FEEDBACK = 0.003;
/** The same where foil all round keeps the burner's heat about the can (assumption: five times as much). */
export const WALLED_FEEDBACK = 0.015;
const STILL_AIR_W_PER_M2_K = 10;

/** Outer area m² and diameter m by net mass (docs/physics.md, The can; diameters common practice). */
const SIZES = [
  { netG: 100, areaM2: 0.026, diameterM: 0.09 },
  { netG: 230, areaM2: 0.04, diameterM: 0.108 },
  { netG: 450, areaM2: 0.06, diameterM: 0.108 },
] as const;

/** A canister standing under a burner. */
export interface Can {
  netG: number;
  tareG: number;
  fuelLeftG: number;
  /** Its liquid as it was when `whenG` was left of it, by mass; absent for one that was filled with its kit's blend. */
  liquid?: { blend: BlendByMass; whenG: number };
}

const sizeOf = (netG: number) => nearest(SIZES, (s) => s.netG, netG);

/** Heat capacity of a can and what is left in it, J/K. */
export function canHeatCapacityJPerK(can: Can): number {
  return can.fuelLeftG * FUEL_CP_J_PER_G_K + can.tareG * STEEL_CP_J_PER_G_K;
}

/** Conductance between can and air, W/K: area × (0.5 + 0.5·fraction left) × blended h at `windMps`. */
export function canConductanceWPerK(can: Can, windMps: number, airC: number, pressurePa: number): number {
  const size = sizeOf(can.netG);
  const hForced = forcedConvection(windMps, size.diameterM, airC, pressurePa);
  const h = blendedConvection(hForced, STILL_AIR_W_PER_M2_K);
  return h * size.areaM2 * (0.5 + 0.5 * Math.min(1, can.fuelLeftG / can.netG));
}
