import { blendedConvection, forcedConvection } from '../air';
import { WATER_CP_J_PER_KG_K } from '../water';
import { DRY_FOOD_CP_J_PER_G_K, STILL_POT_W_PER_M2_K } from './constants';
import { potAreas, potHeatCapacityJPerK, type Pot } from './pot';

/** What the food rests in: the pot as it is, in a sleeve, or a packet bag of food, bare or sleeved. */
export interface RestSetup {
  waterMl: number;
  /** Dry food stirred in, g. */
  dryG: number;
  startC: number;
  airC: number;
  pressurePa: number;
  windMps: number;
  pot: Pot;
  vessel: 'pot' | 'bag';
  /** Thermal resistance of a cozy around it, m² K/W; 0 for none. */
  cozyM2KPerW: number;
  /** Stands on an insulating pad rather than on cold ground. */
  padUnder: boolean;
}

/** Cozies by resistance, m² K/W: layer thickness over conductivity (common practice). */
export const COZIES = {
  none: 0,
  /** Reflective bubble sheet, 4 mm. */
  reflective: 0.1,
  /** Closed-cell foam, 8 mm at 0.04 W/(m K). */
  foam: 0.2,
  /** Wrapped in a sleeping bag or down jacket. */
  down: 0.6,
} as const;
export type Cozy = keyof typeof COZIES;

/** A filled packet bag has about 1.7 times the surface of a sphere of its content, both sides counted: m² per mL^(2/3) (common practice). */
const BAG_M2_PER_ML23 = 8e-4;
/** Ground under a pot without a pad: contact coefficient, W/(m² K) (assumption). */
const GROUND_W_PER_M2_K = 25;
const PAD_W_PER_M2_K = 4;

/** Hot enough to rehydrate and to be safe (USDA-FSIS 165 °F and 140 °F), °C. */
export const REHYDRATE_C = 74;
export const HOT_C = 60;
/** A metal surface above this cannot be held in a bare hand (common practice; burn thresholds lie at 48–55 °C). */
export const HOLDABLE_C = 48;

export interface Rest {
  /** Temperature after `s` seconds, °C: Newton's law with the coefficients of the burn. */
  atS: (s: number) => number;
  /** Outer surface after `s` seconds, °C. */
  surfaceAtS: (s: number) => number;
  /** Seconds until it has cooled to `c`; Infinity when it never does, 0 when it starts below. */
  untilC: (c: number) => number;
}

/** Cooling of a resting meal, lid on. */
export function rest(r: RestSetup): Rest {
  const areas = potAreas(r.pot);
  const bagM2 = BAG_M2_PER_ML23 * r.waterMl ** (2 / 3);
  const skinM2 = r.vessel === 'bag' ? bagM2 : areas.sideM2 + areas.lidM2;
  const baseM2 = r.vessel === 'bag' ? 0 : areas.baseM2;
  const forced = forcedConvection(r.windMps, r.pot.diameterMm / 1000, r.airC, r.pressurePa);
  const skin = blendedConvection(forced, STILL_POT_W_PER_M2_K);
  const through = 1 / (1 / skin + r.cozyM2KPerW);
  const ground = 1 / (1 / (r.padUnder ? PAD_W_PER_M2_K : GROUND_W_PER_M2_K) + r.cozyM2KPerW);
  const food = r.dryG * DRY_FOOD_CP_J_PER_G_K;
  const capacity = (r.waterMl / 1000) * WATER_CP_J_PER_KG_K + food + (r.vessel === 'pot' ? potHeatCapacityJPerK(r.pot) : 0);
  const perS = (through * skinM2 + ground * baseM2) / capacity;
  const atS = (s: number): number => r.airC + (r.startC - r.airC) * Math.exp(-perS * s);
  return {
    atS,
    surfaceAtS: (s) => r.airC + ((atS(s) - r.airC) * through) / skin,
    untilC: (c) => {
      if (r.startC <= c) return 0;
      if (c <= r.airC) return Number.POSITIVE_INFINITY;
      return Math.log((r.startC - r.airC) / (c - r.airC)) / perS;
    },
  };
}
