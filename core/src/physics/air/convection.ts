import { SEA_LEVEL_PA, ZERO_C_K } from '../water';

const AIR_CONDUCTIVITY_W_PER_M_K = 0.0243; // at 0 °C, CRC Handbook
const AIR_VISCOSITY_PA_S = 1.716e-5; // at 273.15 K, Sutherland reference
const SUTHERLAND_K = 110.4;
const AIR_DENSITY_KG_PER_M3 = 1.2929; // 0 °C, 101.325 kPa, CRC Handbook
const PRANDTL = 0.71;

/**
 * Mean forced-convection coefficient of a cylinder in cross flow, W/(m² K).
 * S. W. Churchill & M. Bernstein, J. Heat Transfer 99 (1977) 300; air properties at the film temperature `filmC`, half-way between surface and
 * air, and `pressurePa`.
 * `windMps` at the cylinder, `diameterM` its diameter. Holds for Re·Pr > 0.2; 0 in still air.
 */
export function forcedConvection(windMps: number, diameterM: number, filmC: number, pressurePa: number): number {
  if (windMps <= 0) return 0;
  const t = filmC + ZERO_C_K;
  const ratio = t / ZERO_C_K;
  const viscosity = AIR_VISCOSITY_PA_S * ratio ** 1.5 * ((ZERO_C_K + SUTHERLAND_K) / (t + SUTHERLAND_K));
  const density = (AIR_DENSITY_KG_PER_M3 / ratio) * (pressurePa / SEA_LEVEL_PA);
  const conductivity = AIR_CONDUCTIVITY_W_PER_M_K * ratio ** 0.81;
  const re = (density * windMps * diameterM) / viscosity;
  const nu =
    0.3 + ((0.62 * Math.sqrt(re) * Math.cbrt(PRANDTL)) / (1 + (0.4 / PRANDTL) ** (2 / 3)) ** 0.25) * (1 + (re / 282_000) ** (5 / 8)) ** 0.8;
  return (nu * conductivity) / diameterM;
}

/** Forced part blended with a still-air part, both W/(m² K): h = (h_f³ + h_0³)^(1/3) (Churchill's blending; docs/physics.md, The burn). */
export function blendedConvection(forced: number, still: number): number {
  return Math.cbrt(forced ** 3 + still ** 3);
}
