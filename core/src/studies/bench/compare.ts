import jstat from 'jstat';
import { done, refused, type Result } from '../../foundation/errors';
import { meanOf, varianceOf } from '../../foundation/numeric';
import { burnSdG, scaleResolves, type Scale } from './weighing';

/** Two-sided 95 %: 2.5 % on either side. */
const UPPER = 0.975;

/** The 97.5 % point of Student's t with so many degrees of freedom (not a whole number with Welch). */
export const t975 = (degrees: number): number => jstat.studentt.inv(UPPER, degrees);

/** The difference A − B with its 95 % interval. */
export interface Difference {
  mean: number;
  low: number;
  high: number;
  /** Degrees of freedom of the interval. */
  degrees: number;
}
/** Nothing can be said of two setups, and why. */
export type NoRanking =
  /** One burn of each: their scatter is not known. `seen` where the scale itself could not even tell these two apart. */
  { code: 'oneRunEach'; scaleTells: boolean } | { code: 'noRuns' };

/** Burns of two setups taken in pairs (one of each, close together): the t interval of their differences, with what the scale alone leaves open. */
export function paired(pairs: readonly (readonly [a: number, b: number])[], scale: Scale): Result<Difference, NoRanking> {
  if (!pairs.length) return refused({ code: 'noRuns' });
  if (pairs.length === 1) return refused({ code: 'oneRunEach', scaleTells: scaleResolves(pairs[0]![0], pairs[0]![1], scale) });
  const differences = pairs.map(([a, b]) => a - b);
  // three equal readings are no proof of no scatter: a scale that rounds hides it
  const leastVariance = 2 * burnSdG(scale) ** 2;
  const se = Math.sqrt(Math.max(varianceOf(differences), leastVariance) / pairs.length);
  return done(interval(meanOf(differences), se, pairs.length - 1));
}

/** Burns of two setups by themselves: Welch's interval (Welch 1947), with degrees by Satterthwaite. */
export function welch(a: readonly number[], b: readonly number[], scale: Scale): Result<Difference, NoRanking> {
  if (!a.length || !b.length) return refused({ code: 'noRuns' });
  if (a.length === 1 || b.length === 1)
    return refused({ code: 'oneRunEach', scaleTells: a.length + b.length === 2 && scaleResolves(a[0]!, b[0]!, scale) });
  const least = burnSdG(scale) ** 2;
  const [va, vb] = [Math.max(varianceOf(a), least) / a.length, Math.max(varianceOf(b), least) / b.length];
  const degrees = (va + vb) ** 2 / (va ** 2 / (a.length - 1) + vb ** 2 / (b.length - 1));
  return done(interval(meanOf(a) - meanOf(b), Math.sqrt(va + vb), degrees));
}

function interval(m: number, se: number, degrees: number): Difference {
  const half = t975(degrees) * se;
  return { mean: m, low: m - half, high: m + half, degrees };
}

/** Does the whole interval lie on one side of nothing? */
export const isDistinguishable = ({ low, high }: Difference): boolean => low > 0 || high < 0;

/** More pairs than this nobody burns. */
const MOST_PAIRS = 200;

/** How many pairs would show a difference of so many grams where single differences scatter by `sdG`; undefined for more than anyone burns. */
export function pairsToShow(differenceG: number, sdG: number): number | undefined {
  for (let n = 2; n <= MOST_PAIRS; n++) if ((t975(n - 1) * sdG) / Math.sqrt(n) <= Math.abs(differenceG)) return n;
  return undefined;
}
