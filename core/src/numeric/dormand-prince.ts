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
      stage.set(y);
      for (let j = 0; j < s; j++) {
        const weight = h * A[s][j];
        const slope = k[j];
        for (let i = 0; i < n; i++) stage[i] += weight * slope[i];
      }
      f(t + C[s] * h, stage, k[s]);
    }
    next.set(stage); // the last stage is the fifth-order solution (first same as last)
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
      const hit = locate(size, (part) => (step(t, part), [next[0], k[6][0]]), o.target);
      return { t: t + hit, y: Float64Array.from(next), reached: true, steps };
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

/**
 * Size of the part step at which the first component meets the target: Newton on the step size, kept inside a bracket.
 * `trial` takes the part step and returns value and slope at its end.
 */
function locate(size: number, trial: (part: number) => readonly [number, number], target: number): number {
  let low = 0;
  let high = size;
  let part = size;
  for (let i = 0; i < EVENT_PASSES; i++) {
    const [value, slope] = trial(part);
    if (Math.abs(value - target) < 1e-7) return part;
    if (value < target) low = part;
    else high = part;
    const newton = part - (value - target) / slope;
    part = newton > low && newton < high ? newton : (low + high) / 2;
  }
  return part;
}
