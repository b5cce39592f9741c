import { requireRange } from '../../foundation/errors';
import { ZERO_C_K } from './constants';

/**
 * Saturation line of water, IAPWS-IF97 region 4
 * (IAPWS R7-97(2012), chapter 8, table 34, equations 30 and 31).
 */
const N = [
  1167.0521452767, -724213.16703206, -17.073846940092, 12020.82470247, -3232555.0322333, 14.91510861353, -4823.2657361591, 405113.40542057,
  -0.23855557567849, 650.17534844798,
] as const;

/** Saturation pressure in Pa at `temperatureK` (273.15–647.096 K). IF97 equation 30. Throws OutOfRangeError outside. */
export function saturationPressurePa(temperatureK: number): number {
  requireRange('temperatureK', temperatureK, 273.15, 647.096);
  const theta = temperatureK + N[8] / (temperatureK - N[9]);
  const a = theta * theta + N[0] * theta + N[1];
  const b = N[2] * theta * theta + N[3] * theta + N[4];
  const c = N[5] * theta * theta + N[6] * theta + N[7];
  const root = (2 * c) / (-b + Math.sqrt(b * b - 4 * a * c));
  const square = root * root;
  return square * square * 1e6;
}

/** Saturation temperature in K at `pressurePa` (611.213 Pa–22.064 MPa). IF97 equation 31. Throws OutOfRangeError outside. */
export function saturationTemperatureK(pressurePa: number): number {
  requireRange('pressurePa', pressurePa, 611.213, 22.064e6);
  const beta = (pressurePa / 1e6) ** 0.25;
  const e = beta * beta + N[2] * beta + N[5];
  const f = N[0] * beta * beta + N[3] * beta + N[6];
  const g = N[1] * beta * beta + N[4] * beta + N[7];
  const d = (2 * g) / (-f - Math.sqrt(f * f - 4 * e * g));
  return (N[9] + d - Math.sqrt((N[9] + d) ** 2 - 4 * (N[8] + N[9] * d))) / 2;
}

/**
 * Saturation pressure over ice in Pa at `temperatureK` (173.15–273.16 K).
 * ASHRAE Handbook of Fundamentals 2017, chapter 1, equation 5. Throws OutOfRangeError outside.
 */
export function iceSaturationPressurePa(temperatureK: number): number {
  requireRange('temperatureK', temperatureK, 173.15, 273.16);
  const t = temperatureK;
  return Math.exp(
    -5674.5359 / t +
      6.3925247 -
      9.677843e-3 * t +
      6.2215701e-7 * t ** 2 +
      2.0747825e-9 * t ** 3 -
      9.484024e-13 * t ** 4 +
      4.1635019 * Math.log(t),
  );
}

/** Vapour pressure in Pa of still water or ice at `temperatureC` (−100 to 373 °C): over ice below 0 °C, over liquid above. */
export function waterVapourPressurePa(temperatureC: number): number {
  const k = temperatureC + ZERO_C_K;
  return k < ZERO_C_K ? iceSaturationPressurePa(k) : saturationPressurePa(k);
}
