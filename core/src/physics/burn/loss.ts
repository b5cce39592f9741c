import { blendedConvection, forcedConvection } from '../air';
import {
  AIR_CP_J_PER_KG_K,
  LEWIS_NUMBER,
  RELATIVE_HUMIDITY,
  saturationPressurePa,
  VAPORISATION_J_PER_KG,
  WATER_TO_AIR_MOLAR_MASS,
  waterVapourPressurePa,
  ZERO_C_K,
} from '../water';
import { tabulated } from '../../foundation/numeric';
import { LID_LEAK, STILL_OPEN_WATER_W_PER_M2_K, STILL_POT_W_PER_M2_K } from './constants';
import { potAreas, type Pot } from './pot';

/** Heat leaving a pot, W, for every kelvin that it is warmer than the air, and for every pascal that its vapour presses more than the air's. */
export interface LossPer {
  kelvinW: number;
  pascalW: number;
}

/** Heat leaving a warm pot, W: to the air through its skin, and with vapour. */
export interface PotLoss {
  airW: (potC: number) => number;
  evaporationW: (potC: number) => number;
}

/** A pot loses most while it is hot: its film is taken at this temperature all the way, °C (0.5 % of the coefficient either way). */
const MEAN_POT_C = 70;

/**
 * Losses of a pot in wind, by what drives them. Convection by Churchill–Bernstein blended with still air; evaporation by the Lewis analogy,
 * m = h_e/(c_p·Le^⅔)·(M_w/M_a)·Δp/p, of which a lid leaves a tenth; no credit below the air's vapour pressure.
 * A sleeve of `sleeveM2KPerW` stands in series with the side.
 */
export function lossPer(pot: Pot, lidOn: boolean, airC: number, pressurePa: number, windMps: number, sleeveM2KPerW = 0): LossPer {
  const { sideM2, lidM2 } = potAreas(pot);
  const forced = forcedConvection(windMps, pot.diameterMm / 1000, (airC + MEAN_POT_C) / 2, pressurePa);
  const skin = blendedConvection(forced, STILL_POT_W_PER_M2_K);
  const kelvinW = sideM2 / (1 / skin + sleeveM2KPerW) + skin * lidM2;
  const open = blendedConvection(forced, STILL_OPEN_WATER_W_PER_M2_K) * lidM2 * (lidOn ? LID_LEAK : 1);
  const pascalW = ((open / (AIR_CP_J_PER_KG_K * LEWIS_NUMBER ** (2 / 3))) * WATER_TO_AIR_MOLAR_MASS * VAPORISATION_J_PER_KG) / pressurePa;
  return { kelvinW, pascalW };
}

/** Losses of a pot as they hang on its temperature. */
export function potLoss({ kelvinW, pascalW }: LossPer, airC: number): PotLoss {
  const airVapourPa = RELATIVE_HUMIDITY * waterVapourPressurePa(airC);
  return {
    airW: (potC) => kelvinW * (potC - airC),
    evaporationW: (potC) => pascalW * Math.max(0, vapourPa(potC) - airVapourPa),
  };
}

/** Range that trial steps of the integrator are held to, °C: far outside any pot, inside what the vapour relations cover. */
const TRIAL_C = { lowest: -90, highest: 300 };
/** A burn asks for the vapour over warming water thousands of times: out of a table, true to 1e-8 of the relation. */
const WATER_C = { from: 1, to: 120, step: 0.5 };
const overWaterPa = tabulated((c) => saturationPressurePa(c + ZERO_C_K), WATER_C.from, WATER_C.to, WATER_C.step);
const vapourPa = (potC: number): number =>
  potC >= WATER_C.from && potC <= WATER_C.to
    ? overWaterPa(potC)
    : waterVapourPressurePa(Math.min(TRIAL_C.highest, Math.max(TRIAL_C.lowest, potC)));
