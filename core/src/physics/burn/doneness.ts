import { bisect } from '../../foundation/numeric';
import { WATER_CP_J_PER_KG_K } from '../water';
import { DONENESS, DRY_FOOD_CP_J_PER_G_K } from './constants';

/**
 * How far food is cooked: minutes at 90 °C that would do the same, ∫ 10^((T−90)/z) dt over `durationS`.
 * `potC` gives the temperature in °C at a time in s. Composite Simpson rule; `zK` warmer cooks ten times as fast.
 */
export function cookedMin(potC: (s: number) => number, durationS: number, zK: number = DONENESS.zK): number {
  if (durationS <= 0) return 0;
  const STEPS = 60;
  const h = durationS / STEPS;
  const rate = (s: number): number => 10 ** ((potC(s) - DONENESS.referenceC) / zK);
  let sum = rate(0) + rate(durationS);
  for (let i = 1; i < STEPS; i++) sum += (i % 2 ? 4 : 2) * rate(i * h);
  return (sum * h) / 3 / 60;
}

const LONGEST_REST_S = 4 * 3600;

/** Rest in s until food is cooked as by `wantedMin` at 90 °C; undefined where it cools too soon to get there in four hours. */
export function restForDonenessS(potC: (s: number) => number, wantedMin: number, zK: number = DONENESS.zK): number | undefined {
  if (cookedMin(potC, LONGEST_REST_S, zK) < wantedMin) return undefined;
  return bisect(0, LONGEST_REST_S, (restS) => cookedMin(potC, restS, zK) < wantedMin, 40).high;
}

/** What a rest is stretched by at `altitudeM` against sea level, by two rules that walkers hear (docs/physics.md, Dishes). */
export function restStretch(altitudeM: number): { packetRule: number; chemistry: number } {
  const steps = altitudeM / 1500;
  return { packetRule: 2 ** steps, chemistry: 1.4 ** steps };
}

/** Temperature after stirring `dryG` of food at `foodC` into hot water; `potJPerK` is the pot's share where food goes into the pot. */
export function mixedC(waterMl: number, waterC: number, dryG: number, foodC: number, potJPerK = 0): number {
  const hot = (waterMl / 1000) * WATER_CP_J_PER_KG_K + potJPerK;
  const food = dryG * DRY_FOOD_CP_J_PER_G_K;
  return (hot * waterC + food * foodC) / (hot + food);
}
