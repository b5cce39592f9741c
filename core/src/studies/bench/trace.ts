import { isDone } from '../../physics/burn';
import type { Calibration } from '../../domain/model';
import { burnIn, type Conditions } from './burn-test';

/** A burn on its way: seconds since it was lit, temperature of the water, °C, and fuel used, g. */
export interface TracePoint {
  s: number;
  c: number;
  fuelG: number;
}
/** Temperatures at which a burn is looked at on its way. */
const STOPS = 14;
/** Below this a target is not asked for, °C. */
const LOWEST_TARGET_C = 40;

/**
 * A burn from its lighting to its target, by burning it again to temperatures on the way. One that stalls has the points that it comes to, and
 * `isDone` is false.
 */
export function traceOf(conditions: Conditions, factors: Calibration['factors']): { points: TracePoint[]; isDone: boolean; boilC: number } {
  const whole = burnIn(conditions, factors);
  const from = conditions.snow ? 0 : conditions.waterC;
  const lowest = Math.max(LOWEST_TARGET_C, from + 1);
  const stops = Array.from({ length: STOPS }, (_, i) => lowest + ((whole.targetC - lowest) * i) / STOPS);
  const onTheWay = stops.flatMap((targetC): TracePoint[] => {
    const burn = burnIn({ ...conditions, target: { kind: 'stopAt', targetC } }, factors);
    return isDone(burn) ? [{ s: burn.durationS, c: targetC, fuelG: burn.fuelG }] : [];
  });
  const last = isDone(whole) ? [{ s: whole.durationS, c: whole.targetC, fuelG: whole.fuelG }] : [];
  return { points: [{ s: 0, c: from, fuelG: 0 }, ...onTheWay, ...last], isDone: isDone(whole), boilC: whole.boilC };
}

/** A burn at some second: between its points on straight lines; beyond its target the water stays there and the fuel goes on at the last rate. */
export function traceAt(points: readonly TracePoint[], s: number): TracePoint {
  const last = points[points.length - 1]!;
  if (points.length < 2) return { ...last, s };
  const next = points.findIndex((p) => p.s >= s);
  const i = next === -1 ? points.length - 1 : Math.max(1, next);
  const [a, b] = [points[i - 1]!, points[i]!];
  const share = (s - a.s) / Math.max(1e-9, b.s - a.s);
  return { s, c: share > 1 ? last.c : a.c + share * (b.c - a.c), fuelG: a.fuelG + share * (b.fuelG - a.fuelG) };
}
