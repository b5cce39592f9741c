import type { BlendByMass } from '../fuel';
import { bisect } from '../../foundation/numeric';
import { canSupply, type GasFeed } from './supply';
import { canStartC, type Warming } from './warming';
import { blendAfterWithdrawal } from './withdrawal';

/** Flame strength: available power over rated power at full opening (docs/physics.md, The can). */
export const STRENGTHS = [
  { name: 'strong', least: 0.6 },
  { name: 'reduced', least: 0.25 },
  { name: 'weak', least: 0.05 },
  { name: 'wontRun', least: 0 },
] as const;
export type Strength = (typeof STRENGTHS)[number]['name'];

export function strengthName(share: number): Strength {
  return (STRENGTHS.find((s) => share >= s.least) ?? STRENGTHS[3]).name;
}

export interface ColdSetup {
  feed: GasFeed;
  blend: BlendByMass;
  pressurePa: number;
  warming: Warming;
  /** Temperature at which the can was drawn down so far, °C. */
  withdrawalC: number;
}

/** Flame strength (0–1) when lit at `airC` with `fractionLeft` (0–1) of the net mass in the can. */
export function flameStrength(setup: ColdSetup, airC: number, fractionLeft: number): number {
  const blend = setup.feed === 'liquid' ? setup.blend : blendAfterWithdrawal(setup.blend, fractionLeft, setup.withdrawalC);
  return Math.min(1, canSupply(setup.feed, blend, setup.pressurePa)(canStartC(airC, setup.warming)));
}

/** Air temperatures searched for a limit, °C. */
const SEARCH_C = { from: -45, to: 30 };

/** Lowest air temperature in °C at which the flame is at least `least` (0–1); undefined when it is so nowhere up to 30 °C. */
export function lowestAirC(setup: ColdSetup, fractionLeft: number, least: number): number | undefined {
  const runs = (c: number): boolean => flameStrength(setup, c, fractionLeft) >= least;
  if (!runs(SEARCH_C.to)) return undefined;
  if (runs(SEARCH_C.from)) return SEARCH_C.from;
  return bisect(SEARCH_C.from, SEARCH_C.to, (c) => !runs(c), 40).high;
}

/** Strength over a grid: rows by fraction left, columns by air temperature. */
export function coldMap(setup: ColdSetup, airC: readonly number[], fractions: readonly number[]): number[][] {
  return fractions.map((fraction) => {
    const blend = setup.feed === 'liquid' ? setup.blend : blendAfterWithdrawal(setup.blend, fraction, setup.withdrawalC);
    const supply = canSupply(setup.feed, blend, setup.pressurePa);
    return airC.map((c) => Math.min(1, supply(canStartC(c, setup.warming))));
  });
}
