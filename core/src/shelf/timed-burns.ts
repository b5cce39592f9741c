import type { Reading } from './reading';

/** A burner's flow at a flame is known to this share until it has been measured, the same for all its burns (docs/physics.md, Shelf). */
const FLOW_SD = 0.15;

/** Minutes of flame, and what that flame takes in one, g. */
export interface TimedBurn {
  minutes: number;
  gPerMin: number;
}

/** Fuel burnt by the clock, g. The flow is off for all burns alike: their doubts add up, they do not cancel. `flowSd` is a share, 0–1. */
export function burntByClock(burns: readonly TimedBurn[], flowSd = FLOW_SD): Reading {
  const massG = burns.reduce((sum, b) => sum + b.minutes * b.gPerMin, 0);
  return { massG, sdG: flowSd * massG };
}
