import { Matrix } from 'ml-matrix';
import { varianceOf } from '../../foundation/numeric';
import type { BurnTest } from './burn-test';
import { burnSdG, REPEAT_SCATTER } from './weighing';

/** What a burn reads besides what it is, one standard deviation (docs/physics.md, Bench; common practice unless a walker's own is known). */
export const TEST_ERRORS = {
  /** Between burns of one setup, on grams and seconds together. */
  scatter: REPEAT_SCATTER,
  /** What all tests of one day have in common. */
  sameDay: 0.05,
  waterK: 1,
  waterShare: 0.02,
  /** Wind is known to a factor of 1.4, a flame set by hand to 15 %. */
  lnWind: Math.log(1.4),
  lnSetting: 0.15,
  /** A rolling boil by eye, s; a thermometer's lag. */
  eyeS: 10,
  thermometerS: 3,
} as const;

/** How the logarithms of a test's grams and seconds move with what is not known of it. */
export interface Sensitivity {
  /** As the model has them at the fit. */
  fuelG: number;
  seconds: number;
  /** Of grams and seconds, by the logarithm of wind and setting, and by a kelvin of water. */
  byWind: readonly [number, number];
  bySetting: readonly [number, number];
  byWaterK: readonly [number, number];
}

/** So many burns of one setup replace the usual scatter by the walker's own. */
const REPEATS = 3;

/** Scatter between burns of one setup, as a share: pooled over all setups burnt three times or more, the usual one where there are none. */
export function scatterOf(tests: readonly BurnTest[]): number {
  const groups = new Map<string, number[]>();
  for (const t of tests) {
    const key = setupKey(t);
    groups.set(key, [...(groups.get(key) ?? []), Math.log(t.burntG)]);
  }
  const repeated = [...groups.values()].filter((g) => g.length >= REPEATS);
  if (!repeated.length) return REPEAT_SCATTER;
  const degrees = repeated.reduce((sum, g) => sum + g.length - 1, 0);
  const squares = repeated.reduce((sum, g) => sum + varianceOf(g) * (g.length - 1), 0);
  return Math.max(LEAST_SCATTER, Math.sqrt(squares / degrees));
}
/** A scale that rounds makes three burns look alike: nobody burns more evenly than this (assumption). */
const LEAST_SCATTER = 0.02;

/** The same for tests that were burnt alike, whatever was read and however much was left in the can. */
export const setupKey = ({ burntG: _g, seconds: _s, id: _id, on: _on, ...conditions }: BurnTest): string =>
  JSON.stringify({ ...conditions, can: conditions.can.netG });

/**
 * Covariance of the logarithms of grams and seconds of several tests, two rows a test. Errors of the scale and the watch are each reading's own; scatter, water,
 * wind and setting move both of a test; the day moves all tests of it.
 */
export function errorCovariance(tests: readonly BurnTest[], sensitivities: readonly Sensitivity[], scatter: number): Matrix {
  const E = TEST_ERRORS;
  const covariance = Matrix.zeros(2 * tests.length, 2 * tests.length);
  const add = (i: number, j: number, x: number): void => void covariance.set(i, j, covariance.get(i, j) + x);
  tests.forEach((test, n) => {
    const s = sensitivities[n]!;
    const row = 2 * n;
    add(row, row, (burnSdG(test.scale, test.isWet) / s.fuelG) ** 2);
    add(row + 1, row + 1, ((test.endPoint === 'eye' ? E.eyeS : E.thermometerS) / s.seconds) ** 2);
    const shared: (readonly [number, number])[] = [
      [scatter, scatter],
      [E.waterShare, E.waterShare],
      scaled(s.byWaterK, E.waterK),
      scaled(s.bySetting, E.lnSetting),
      ...(test.windMps > 0 ? [scaled(s.byWind, E.lnWind)] : []),
    ];
    for (const both of shared) for (const i of [0, 1]) for (const j of [0, 1]) add(row + i, row + j, both[i]! * both[j]!);
    tests.forEach((other, m) => {
      if (other.on === test.on) for (const i of [0, 1]) for (const j of [0, 1]) add(row + i, 2 * m + j, E.sameDay ** 2);
    });
  });
  return covariance;
}

const scaled = ([a, b]: readonly [number, number], by: number): [number, number] => [a * by, b * by];
