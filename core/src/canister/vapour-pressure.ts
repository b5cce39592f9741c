import { requireRange } from '../errors/out-of-range';
import type { BlendByMass } from '../fuel/fuels';
import { molarMassG, MOLECULES } from '../fuel/combustion';
import { ZERO_C_K } from '../water/constants';

/** Critical temperature K, critical pressure Pa, acentric factor (Poling, Prausnitz & O'Connell, 5th ed., appendix A). */
export const CRITICAL = {
  propane: { criticalK: 369.83, criticalPa: 42.48e5, acentric: 0.152 },
  isobutane: { criticalK: 407.81, criticalPa: 36.29e5, acentric: 0.184 },
  nButane: { criticalK: 425.12, criticalPa: 37.96e5, acentric: 0.2 },
} as const;
export type GasName = keyof typeof CRITICAL;
export const GASES: readonly GasName[] = ['propane', 'isobutane', 'nButane'];

/** Lee–Kesler's two functions joined for one gas: ln(p/p_c) = a + b/T_r + c·ln T_r + d·T_r⁶. */
const LEE_KESLER = Object.fromEntries(
  GASES.map((g) => {
    const w = CRITICAL[g].acentric;
    return [g, { a: 5.92714 + 15.2518 * w, b: -6.09648 - 15.6875 * w, c: -1.28862 - 13.4721 * w, d: 0.169347 + 0.43577 * w }];
  }),
) as Record<GasName, { a: number; b: number; c: number; d: number }>;

/**
 * Vapour pressure in Pa of a pure gas at `temperatureC` (−80 to 90 °C).
 * B. I. Lee & M. G. Kesler, AIChE J. 21 (1975) 510. Throws OutOfRangeError outside.
 */
export function pureVapourPressurePa(gas: GasName, temperatureC: number): number {
  requireRange('temperatureC', temperatureC, -80, 90);
  const { criticalK, criticalPa } = CRITICAL[gas];
  const { a, b, c, d } = LEE_KESLER[gas];
  const tr = (temperatureC + ZERO_C_K) / criticalK;
  const tr3 = tr * tr * tr;
  return criticalPa * Math.exp(a + b / tr + c * Math.log(tr) + d * tr3 * tr3);
}

/** Mole fractions of a liquid blend given by mass, in the order of {@link GASES}. */
export function moleFractions(blend: BlendByMass): [number, number, number] {
  const n = GASES.map((g) => blend[g] / molarMassG(MOLECULES[g]));
  const sum = n[0] + n[1] + n[2];
  return [n[0] / sum, n[1] / sum, n[2] / sum];
}

/** Pressure in Pa over a liquid blend as a function of its temperature in °C: Raoult's law on Lee–Kesler pressures. */
export function blendPressure(blend: BlendByMass): (temperatureC: number) => number {
  const x = moleFractions(blend);
  return (temperatureC) => {
    let sum = 0;
    for (let i = 0; i < GASES.length; i++) if (x[i] > 0) sum += x[i] * pureVapourPressurePa(GASES[i], temperatureC);
    return sum;
  };
}
