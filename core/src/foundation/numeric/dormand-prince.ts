import { bisect } from './bisect';

/**
 * Adaptive Runge–Kutta 5(4) of J. R. Dormand & P. J. Prince, J. Comp. Appl. Math. 6 (1980) 19,
 * with an upward event on the first component.
 */
export type Derivative = (t: number, y: Float64Array, dy: Float64Array) => void;

export interface IntegrateOptions {
  tEnd: number;
  /** The derivative reads so many first components; the others are integrals that are carried along. */
  coupled: number;
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

const [C2, C3, C4, C5] = [1 / 5, 3 / 10, 4 / 5, 8 / 9];
const A21 = 1 / 5;
const [A31, A32] = [3 / 40, 9 / 40];
const [A41, A42, A43] = [44 / 45, -56 / 15, 32 / 9];
const [A51, A52, A53, A54] = [19372 / 6561, -25360 / 2187, 64448 / 6561, -212 / 729];
const [A61, A62, A63, A64, A65] = [9017 / 3168, -355 / 33, 46732 / 5247, 49 / 176, -5103 / 18656];
const [B1, B3, B4, B5, B6] = [35 / 384, 500 / 1113, 125 / 192, -2187 / 6784, 11 / 84];
const [E1, E3, E4, E5, E6, E7] = [71 / 57600, -71 / 16695, 71 / 1920, -17253 / 339200, 22 / 525, -1 / 40];
/** Fourth-order interpolant inside a step: E. Hairer, S. P. Nørsett & G. Wanner, Solving Ordinary Differential Equations I, 2nd ed., II.6. */
const [D1, D3, D4, D5, D6, D7] = [
  -12715105075 / 11282082432,
  87487479700 / 32700410799,
  -10690763975 / 1880347072,
  701980252875 / 199316789632,
  -1453857185 / 822651844,
  69997945 / 29380423,
];
const MAX_STEPS = 100_000;
/** A step this small is taken whatever its error: a kink in the derivative is crossed, not circled. */
const SMALLEST_STEP = 1e-3;
const EVENT_PASSES = 40;

/** Integrates dy/dt = f(t, y) from t = 0 until the target, the end, or the stop condition. `y0` is not changed. */
export function integrate(f: Derivative, y0: Float64Array, o: IntegrateOptions): Integrated {
  const n = y0.length;
  const m = o.coupled;
  const blank = () => new Float64Array(n);
  const stage = blank();
  const [k1, k2, k3, k4, k5, k6, k7] = [blank(), blank(), blank(), blank(), blank(), blank(), blank()];
  let [y, next] = [blank(), blank()];
  y.set(y0);
  f(0, y, k1);
  if (y[0]! >= o.target) return { t: 0, y: y.slice(), reached: true, steps: 0 };

  /** One step of size h from (t, y) into `next`; returns the scaled error. */
  const step = (t: number, h: number): number => {
    for (let i = 0; i < m; i++) stage[i] = y[i]! + h * (A21 * k1[i]!);
    f(t + C2 * h, stage, k2);
    for (let i = 0; i < m; i++) stage[i] = y[i]! + h * (A31 * k1[i]! + A32 * k2[i]!);
    f(t + C3 * h, stage, k3);
    for (let i = 0; i < m; i++) stage[i] = y[i]! + h * (A41 * k1[i]! + A42 * k2[i]! + A43 * k3[i]!);
    f(t + C4 * h, stage, k4);
    for (let i = 0; i < m; i++) stage[i] = y[i]! + h * (A51 * k1[i]! + A52 * k2[i]! + A53 * k3[i]! + A54 * k4[i]!);
    f(t + C5 * h, stage, k5);
    for (let i = 0; i < m; i++) stage[i] = y[i]! + h * (A61 * k1[i]! + A62 * k2[i]! + A63 * k3[i]! + A64 * k4[i]! + A65 * k5[i]!);
    f(t + h, stage, k6);
    // the last stage is the fifth-order solution (first same as last)
    for (let i = 0; i < n; i++) next[i] = y[i]! + h * (B1 * k1[i]! + B3 * k3[i]! + B4 * k4[i]! + B5 * k5[i]! + B6 * k6[i]!);
    f(t + h, next, k7);
    let worst = 0;
    for (let i = 0; i < n; i++) {
      const e = E1 * k1[i]! + E3 * k3[i]! + E4 * k4[i]! + E5 * k5[i]! + E6 * k6[i]! + E7 * k7[i]!;
      const scale = o.absTol + o.relTol * Math.max(Math.abs(y[i]!), Math.abs(next[i]!));
      worst = Math.max(worst, Math.abs(h * e) / scale);
    }
    return worst;
  };
  /** Inside the step of size h from y to `next` just taken: component i at a share x of it. */
  const inside = (h: number, i: number): ((x: number) => number) => {
    const rise = next[i]! - y[i]!;
    const bend = h * k1[i]! - rise;
    const back = rise - h * k7[i]! - bend;
    const fourth = h * (D1 * k1[i]! + D3 * k3[i]! + D4 * k4[i]! + D5 * k5[i]! + D6 * k6[i]! + D7 * k7[i]!);
    return (x) => y[i]! + x * (rise + (1 - x) * (bend + x * (back + (1 - x) * fourth)));
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
    if (next[0]! >= o.target) {
      const first = inside(size, 0);
      const x = bisect(0, 1, (part) => first(part) < o.target, EVENT_PASSES).high;
      return { t: t + x * size, y: y.map((_, i) => inside(size, i)(x)), reached: true, steps };
    }
    t += size;
    [y, next] = [next, y];
    k1.set(k7);
    if (Math.abs(wall - t) < 1e-9) f(t + 1e-9, y, k1); // past a jump the saved slope is stale
    h = size * factor;
    if (o.stop?.(t, y, k1)) break;
  }
  return { t, y: y.slice(), reached: false, steps };
}
