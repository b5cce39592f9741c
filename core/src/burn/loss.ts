import { blendedConvection, forcedConvection } from '../air/convection';
import { AIR_CP_J_PER_KG_K, LEWIS_NUMBER, RELATIVE_HUMIDITY, VAPORISATION_J_PER_KG, WATER_TO_AIR_MOLAR_MASS } from '../water/constants';
import { waterVapourPressurePa } from '../water/saturation';
import { LID_LEAK, STILL_OPEN_WATER_W_PER_M2_K, STILL_POT_W_PER_M2_K } from './constants';
import { potAreas, type Pot } from './pot';

/** Heat leaving a warm pot, W: to the air through its skin, and with vapour. */
export interface PotLoss {
  airW: (potC: number) => number;
  evaporationW: (potC: number) => number;
}

/**
 * Losses of a pot in wind. Convection by Churchill–Bernstein blended with still air; evaporation by the Lewis analogy,
 * m = h_e/(c_p·Le^⅔)·(M_w/M_a)·Δp/p, of which a lid leaves a tenth; no credit below the air's vapour pressure.
 */
export function potLoss(pot: Pot, lidOn: boolean, airC: number, pressurePa: number, windMps: number): PotLoss {
  const { sideM2, lidM2 } = potAreas(pot);
  const forced = forcedConvection(windMps, pot.diameterMm / 1000, airC, pressurePa);
  const conductance = blendedConvection(forced, STILL_POT_W_PER_M2_K) * (sideM2 + lidM2);
  const open = blendedConvection(forced, STILL_OPEN_WATER_W_PER_M2_K) * lidM2 * (lidOn ? LID_LEAK : 1);
  const perPa = ((open / (AIR_CP_J_PER_KG_K * LEWIS_NUMBER ** (2 / 3))) * WATER_TO_AIR_MOLAR_MASS * VAPORISATION_J_PER_KG) / pressurePa;
  const airVapourPa = RELATIVE_HUMIDITY * waterVapourPressurePa(airC);
  return {
    airW: (potC) => conductance * (potC - airC),
    evaporationW: (potC) => perPa * Math.max(0, waterVapourPressurePa(potC) - airVapourPa),
  };
}
