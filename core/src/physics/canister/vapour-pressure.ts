import { requireRange } from '../../foundation/errors';
import { molarMassG, MOLECULES, type BlendByMass } from '../fuel';
import { tabulated } from '../../foundation/numeric';
import { ZERO_C_K } from '../water';

/** Critical temperature K, critical pressure Pa, acentric factor (Poling, Prausnitz & O'Connell, 5th ed., appendix A). */
export const CRITICAL = {
  propane: { criticalK: 369.83, criticalPa: 42.48e5, acentric: 0.152 },
  isobutane: { criticalK: 407.81, criticalPa: 36.29e5, acentric: 0.184 },
  nButane: { criticalK: 425.12, criticalPa: 37.96e5, acentric: 0.2 },
} as const;
export type GasName = keyof typeof CRITICAL;
export const GASES: readonly GasName[] = ['propane', 'isobutane', 'nButane'];

/** Ambrose & Walton's three functions of τ = 1 − T_r: rows for f0, f1, f2; columns for τ, τ^1.5, τ^2.5, τ^5. */
const AMBROSE_WALTON = [
  [-5.97616, 1.29874, -0.60394, -1.06841],
  [-5.03365, 1.11505, -5.41217, -7.46628],
  [-0.64771, 2.41539, -4.26979, 3.25259],
] as const;
/** The three rows joined for one gas: f0 + ω·f1 + ω²·f2. */
const JOINED = Object.fromEntries(
  GASES.map((g) => {
    const w = CRITICAL[g].acentric;
    return [g, AMBROSE_WALTON[0].map((c, i) => c + w * AMBROSE_WALTON[1][i]! + w * w * AMBROSE_WALTON[2][i]!)];
  }),
) as Record<GasName, [number, number, number, number]>;

/**
 * Vapour pressure in Pa of a pure gas at `temperatureC` (−80 to 90 °C).
 * D. Ambrose & J. Walton, Pure Appl. Chem. 61 (1989) 1395. It follows the Antoine fits of n-butane in deep cold, where
 * Lee–Kesler runs 5 % under them; the two agree within 5 % elsewhere. Throws OutOfRangeError outside.
 */
export function pureVapourPressurePa(gas: GasName, temperatureC: number): number {
  requireRange('temperatureC', temperatureC, -80, 90);
  const { criticalK, criticalPa } = CRITICAL[gas];
  const [a, b, c, d] = JOINED[gas];
  const tr = (temperatureC + ZERO_C_K) / criticalK;
  const tau = 1 - tr;
  const root = Math.sqrt(tau);
  const tau2 = tau * tau;
  return criticalPa * Math.exp((tau * (a + b * root + c * tau * root + d * tau2 * tau2)) / tr);
}

/** Mole fractions of a liquid blend given by mass, in the order of {@link GASES}. */
export function moleFractions(blend: BlendByMass): [number, number, number] {
  const n = GASES.map((g) => blend[g] / molarMassG(MOLECULES[g]));
  const sum = n[0]! + n[1]! + n[2]!;
  return [n[0]! / sum, n[1]! / sum, n[2]! / sum];
}

/** A burn asks for pressures thousands of times: out of tables, true to 1e-8 of the relation. */
const TABLE_C = { from: -78, to: 88, step: 0.5 };
const TABLES = GASES.map((g) => tabulated((c) => pureVapourPressurePa(g, c), TABLE_C.from, TABLE_C.to, TABLE_C.step));

/** Pressure in Pa over a liquid blend as a function of its temperature in °C (−78 to 88): Raoult's law on the pure pressures. */
export function blendPressure(blend: BlendByMass): (temperatureC: number) => number {
  const x = moleFractions(blend);
  return (temperatureC) => {
    requireRange('temperatureC', temperatureC, TABLE_C.from, TABLE_C.to);
    return x[0] * TABLES[0]!(temperatureC) + x[1] * TABLES[1]!(temperatureC) + x[2] * TABLES[2]!(temperatureC);
  };
}
