import { requireRange } from '../../foundation/errors';

/** A reading of a curve: seconds since the first one, °C. */
export interface CurvePoint {
  s: number;
  c: number;
}
/** How fast a pot gives its heat away, W/K, with its doubt, one standard deviation. */
export interface Cooling {
  uaWPerK: number;
  sdWPerK: number;
}

/** Nearer the air than this a curve says nothing any more, K. */
const LEAST_ABOVE_K = 3;

/**
 * Fits the conductance of a cooling pot: C·dT/dt = −UA·(T − T_air) (Newton's law of cooling), a straight line of the logarithm of what it is above the air against
 * time, by least squares. `heatJPerK` is water and pot. Undefined for fewer than three readings above the air. Throws OutOfRangeError for a pot without heat.
 */
export function coolingOf(curve: readonly CurvePoint[], airC: number, heatJPerK: number): Cooling | undefined {
  requireRange('heatJPerK', heatJPerK, 1, 1e6);
  const points = curve.filter((p) => p.c - airC > LEAST_ABOVE_K).map((p) => ({ x: p.s, y: Math.log(p.c - airC) }));
  const n = points.length;
  if (n < 3) return undefined;
  const meanX = points.reduce((sum, p) => sum + p.x, 0) / n;
  const meanY = points.reduce((sum, p) => sum + p.y, 0) / n;
  const sxx = points.reduce((sum, p) => sum + (p.x - meanX) ** 2, 0);
  const slope = points.reduce((sum, p) => sum + (p.x - meanX) * (p.y - meanY), 0) / sxx;
  const left = points.reduce((sum, p) => sum + (p.y - meanY - slope * (p.x - meanX)) ** 2, 0);
  return { uaWPerK: -slope * heatJPerK, sdWPerK: heatJPerK * Math.sqrt(left / (n - 2) / sxx) };
}

/** Heat that flows off a pot at `potC`, W. */
export const lossW = ({ uaWPerK }: Pick<Cooling, 'uaWPerK'>, potC: number, airC: number): number => uaWPerK * (potC - airC);

/** Time until a pot has cooled from one temperature to another, s; no end where the air is not below it. */
export const coolsInS = ({ uaWPerK }: Pick<Cooling, 'uaWPerK'>, heatJPerK: number, fromC: number, toC: number, airC: number): number =>
  toC <= airC || uaWPerK <= 0 ? Number.POSITIVE_INFINITY : (heatJPerK / uaWPerK) * Math.log((fromC - airC) / (toC - airC));
