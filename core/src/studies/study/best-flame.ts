import { isDone, simulateBurn, type BurnOutcome } from '../../physics/burn';
import type { Can } from '../../physics/canister';
import { hasValve, powerRange } from '../../domain/catalogue';
import type { Trip } from '../../domain/model';
import { FRESH_CAN, kitInUse, sourceFor } from '../../planning/plan';
import type { BurnFacts } from '../../planning/planned';

/** One flame setting tried. */
export interface FlamePoint {
  /** Share of rated power, 0–1. */
  setting: number;
  fuelG: number;
  durationS: number;
  outcome: BurnOutcome;
}
export interface FlameCurve {
  points: FlamePoint[];
  /** Least fuel; undefined when no setting finishes. */
  best?: FlamePoint;
  /** Settings from–to that burn at most 5 % more: a point value would be noise. */
  band?: { from: number; to: number };
  /** Fastest flame that burns at most 10 % more. */
  quick?: FlamePoint;
  /** Fully open: what it costs in grams and saves in seconds. */
  full?: FlamePoint;
}

const POINTS = 41;
const BAND = 1.05;
const QUICK = 1.1;

/** Fuel and time over the flame setting for one meal's conditions, read with a fresh can so that it shows the flame and not the can's age; undefined for burners whose flame cannot be set. */
export function flameCurve(trip: Trip, facts: BurnFacts, can: Can = FRESH_CAN): FlameCurve | undefined {
  const use = kitInUse(trip.kit);
  if (!hasValve(use.burner)) return undefined;
  const { ratedW, lowestW } = powerRange(use.burner);
  const at = (setting: number): FlamePoint => {
    const { fuelG, durationS, outcome } = simulateBurn({ ...facts, source: sourceFor(use, facts, can, setting) });
    return { setting, fuelG, durationS, outcome };
  };
  const lowest = lowestW / ratedW;
  const points = Array.from({ length: POINTS }, (_, i) => at(lowest + ((1 - lowest) * i) / (POINTS - 1)));
  const done = points.filter(isDone);
  if (!done.length) return { points };
  const best = done.reduce((a, b) => (b.fuelG < a.fuelG ? b : a));
  const within = (share: number): FlamePoint[] => done.filter((p) => p.fuelG <= best.fuelG * share);
  const band = within(BAND).map((p) => p.setting);
  const full = points[points.length - 1]!;
  return {
    points,
    best,
    band: { from: Math.min(...band), to: Math.max(...band) },
    quick: within(QUICK).reduce((a, b) => (b.durationS < a.durationS ? b : a)),
    ...(isDone(full) ? { full } : {}),
  };
}
