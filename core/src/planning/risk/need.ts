import { SPREADS } from './spreads';

/** How what a burn needs moves with the evening, by straight lines about the need as planned, all from the full burn model. */
export interface NeedLine {
  /** As planned, g. */
  needG: number;
  /** Grams per kelvin that the water is warmer (negative: warmer saves). */
  perWaterK: number;
  /** Need with the wind one class down and up, over the need as planned, 1 = the same. */
  windDown: number;
  windUp: number;
}
export type WindClass = 'down' | 'same' | 'up';

/**
 * What is needed on an evening as it may come, g; never less than nothing: standard deviations of water and quantity, what the air adds, g, and
 * the wind's class. The doses and the draw both take it from here.
 */
export function needOnG(
  { needG, perWaterK, windDown, windUp }: NeedLine,
  waterZ: number,
  quantityZ: number,
  byAirG: number,
  wind: WindClass,
): number {
  const windFactor = wind === 'up' ? windUp : wind === 'down' ? windDown : 1;
  const weatherG = needG + perWaterK * SPREADS.waterK * waterZ + byAirG;
  return Math.max(0, weatherG * windFactor * (1 + SPREADS.quantityShare * quantityZ));
}

/** How far one evening's need is off, one standard deviation as a share of the need as planned: water, quantity and wind. */
export function spreadShare({ needG, perWaterK, windDown, windUp }: NeedLine): number {
  if (needG <= 0) return 0;
  const same = 1 - SPREADS.windDown - SPREADS.windUp;
  const mean = SPREADS.windDown * windDown + same + SPREADS.windUp * windUp;
  const windVariance = SPREADS.windDown * (windDown - mean) ** 2 + same * (1 - mean) ** 2 + SPREADS.windUp * (windUp - mean) ** 2;
  return Math.hypot((perWaterK * SPREADS.waterK) / needG, SPREADS.quantityShare, Math.sqrt(windVariance));
}
