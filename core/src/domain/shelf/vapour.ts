import { requireRange } from '../../foundation/errors';
import { molarMassG, MOLECULES, type BlendByMass } from '../../physics/fuel';
import { blendPressure, moleFractions } from '../../physics/canister';
import { ZERO_C_K } from '../../physics/water';

/** Molar gas constant, J/(mol K) (SI, exact). */
const GAS_J_PER_MOL_K = 8.314462618;

/** Mass of gas in `volumeMl` at `pressurePa` and `temperatureC`, g: ideal gas, V·p·M/(R·T); `molarG` in g/mol. */
export function gasMassG(volumeMl: number, pressurePa: number, temperatureC: number, molarG: number): number {
  requireRange('temperatureC', temperatureC, -80, 90);
  return (volumeMl * 1e-6 * pressurePa * molarG) / (GAS_J_PER_MOL_K * (temperatureC + ZERO_C_K));
}

/** What stays in a can as vapour when its last liquid has run out of it, g: it is all that cannot be poured over into another. */
export function lastVapourG(volumeMl: number, blend: BlendByMass, temperatureC: number): number {
  const x = moleFractions(blend);
  const molarG = (['propane', 'isobutane', 'nButane'] as const).reduce((sum, g, i) => sum + x[i]! * molarMassG(MOLECULES[g]), 0);
  return gasMassG(volumeMl, blendPressure(blend)(temperatureC), temperatureC, molarG);
}
