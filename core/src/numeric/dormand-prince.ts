/**
 * Adaptive Runge–Kutta 5(4) of J. R. Dormand & P. J. Prince, J. Comp. Appl. Math. 6 (1980) 19,
 * with an upward event on the first component.
 */
export type Derivative = (t: number, y: Float64Array, dy: Float64Array) => void;

export interface IntegrateOptions {
  tEnd: number;
  /** Times where the derivative may jump; no step crosses one. */
  breaks: readonly number[];
  relTol: number;
  absTol: number;
  /** Stop where y[0] rises to this value. */
  target: number;
  /** Called after each accepted step; true stops. */
  stop?: (t: number, y: Float64Array, dy: Float64Array) => boolean;
}

export interface Integrated {
  t: number;
  y: Float64Array;
  reached: boolean;
  steps: number;
}

const C = [0, 1 / 5, 3 / 10, 4 / 5, 8 / 9, 1, 1];
const A = [
  [],
  [1 / 5],
  [3 / 40, 9 / 40],
  [44 / 45, -56 / 15, 32 / 9],
  [19372 / 6561, -25360 / 2187, 64448 / 6561, -212 / 729],
  [9017 / 3168, -355 / 33, 46732 / 5247, 49 / 176, -5103 / 18656],
  [35 / 384, 0, 500 / 1113, 125 / 192, -2187 / 6784, 11 / 84],
];
const E = [71 / 57600, 0, -71 / 16695, 71 / 1920, -17253 / 339200, 22 / 525, -1 / 40];
const MAX_STEPS = 100_000;
/** A step this small is taken whatever its error: a kink in the derivative is crossed, not circled. */
const SMALLEST_STEP = 1e-3;
const EVENT_PASSES = 40;
const CUBIC_PASSES = 4;
/** So long before or after the target the rest of the way is straight, in units of time. */
const NEAR = 0.1;

/** Integrates dy/dt = f(t, y) from t = 0 until the target, the end, or the stop condition. `y0` is not changed. */
export function integrate(f: Derivative, y0: Float64Array, o: IntegrateOptions): Integrated {
  const n = y0.length;
  let y = Float64Array.from(y0);
  let next = new Float64Array(n);
  const stage = new Float64Array(n);
  const k = C.map(() => new Float64Array(n));
  f(0, y, k[0]);
  if (y[0] >= o.target) return { t: 0, y, reached: true, steps: 0 };

  /** One step of size h from (t, y) into `next`; returns the scaled error. */
  const step = (t: number, h: number): number => {
    for (let s = 1; s < 7; s++) {
      const weights = A[s];
      const to = s < 6 ? stage : next; // the last stage is the fifth-order solution (first same as last)
      for (let i = 0; i < n; i++) {
        let slope = 0;
        for (let j = 0; j < s; j++) slope += weights[j] * k[j][i];
        to[i] = y[i] + h * slope;
      }
      f(t + C[s] * h, to, k[s]);
    }
    let worst = 0;
    for (let i = 0; i < n; i++) {
      let e = 0;
      for (let s = 0; s < 7; s++) e += E[s] * k[s][i];
      const scale = o.absTol + o.relTol * Math.max(Math.abs(y[i]), Math.abs(next[i]));
      worst = Math.max(worst, Math.abs(h * e) / scale);
    }
    return worst;
  };

  let t = 0;
  let h = Math.min(10, o.tEnd);
  let steps = 0;
  while (t < o.tEnd && steps < MAX_STEPS) {
    const wall = o.breaks.find((b) => b > t + 1e-9) ?? o.tEnd;
    const limit = Math.min(wall, o.tEnd) - t;
    const size = Math.min(h, limit);
    const error = step(t, size);
    const factor = error === 0 ? 5 : Math.min(5, Math.max(0.2, 0.9 * error ** -0.2));
    if (error > 1 && size > SMALLEST_STEP) {
      h = size * factor;
      continue;
    }
    steps++;
    if (next[0] >= o.target) {
      const guess = crossing(size, { from: y[0], to: next[0], slopeFrom: k[0][0], slopeTo: k[6][0] }, o.target);
      const hit = locate(guess, size, (part) => (step(t, part), [next[0], k[6][0]]), o.target);
      // the little that is left is gone straight on
      const restS = (o.target - next[0]) / k[6][0];
      return { t: t + hit + restS, y: next.map((v, i) => v + restS * k[6][i]), reached: true, steps };
    }
    t += size;
    [y, next] = [next, y];
    k[0].set(k[6]);
    if (Math.abs(wall - t) < 1e-9) f(t + 1e-9, y, k[0]); // past a jump the saved slope is stale
    h = size * factor;
    if (o.stop?.(t, y, k[0])) break;
  }
  return { t, y, reached: false, steps };
}

/** One component over a step: its values and slopes at both ends. */
interface Ends {
  from: number;
  to: number;
  slopeFrom: number;
  slopeTo: number;
}

/** Where the cubic through both ends of a step of this size meets the target: Newton from the chord, kept inside the step. */
function crossing(size: number, { from, to, slopeFrom, slopeTo }: Ends, target: number): number {
  const rise = to - from;
  const a = size * slopeFrom - rise;
  const b = rise - size * slopeTo;
  let x = (target - from) / rise;
  for (let i = 0; i < CUBIC_PASSES; i++) {
    const bend = a * (1 - x) + b * x;
    const value = from + rise * x + x * (1 - x) * bend;
    const slope = rise + (1 - 2 * x) * bend + x * (1 - x) * (b - a);
    x = Math.min(1, Math.max(0, x - (value - target) / slope));
  }
  return size * x;
}

/**
 * Size of the part step that ends within {@link NEAR} of the target: Newton on the step size, kept inside a bracket.
 * `trial` takes the part step and returns value and slope at its end.
 */
function locate(guess: number, size: number, trial: (part: number) => readonly [number, number], target: number): number {
  let low = 0;
  let high = size;
  let part = guess;
  for (let i = 0; i < EVENT_PASSES; i++) {
    const [value, slope] = trial(part);
    if (Math.abs(value - target) < NEAR * slope) return part;
    if (value < target) low = part;
    else high = part;
    const newton = part - (value - target) / slope;
    part = newton > low && newton < high ? newton : (low + high) / 2;
  }
  return part;
}
