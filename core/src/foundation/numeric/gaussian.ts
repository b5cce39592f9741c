/** Several numbers known together, each with its doubt: means, and their covariances. */
export interface Gaussian {
  mean: readonly number[];
  covariance: readonly (readonly number[])[];
}

/** Sum of the products of two rows of equal length. */
const dot = (a: readonly number[], b: readonly number[]): number => a.reduce((sum, x, i) => sum + x * b[i]!, 0);

/** What is thought of a weighted sum of the numbers: its mean and standard deviation. */
export function projected({ mean, covariance }: Gaussian, weights: readonly number[]): { mean: number; sd: number } {
  const variance = dot(
    weights,
    covariance.map((row) => dot(row, weights)),
  );
  return { mean: dot(mean, weights), sd: Math.sqrt(Math.max(0, variance)) };
}

/** Standard deviation of a weighted sum of numbers whose covariance is known, whatever their means are. */
export const sdOfProjection = (covariance: Gaussian['covariance'], weights: readonly number[]): number =>
  projected({ mean: weights.map(() => 0), covariance }, weights).sd;

/** The numbers once a weighted sum of them was read as `value`, give or take `sd`: the Kalman update for one reading (Kalman 1960). */
export function read(state: Gaussian, weights: readonly number[], value: number, sd: number): Gaussian {
  const toward = state.covariance.map((row) => dot(row, weights));
  const expected = projected(state, weights);
  const gain = toward.map((c) => c / (expected.sd ** 2 + sd ** 2));
  return {
    mean: state.mean.map((m, i) => m + gain[i]! * (value - expected.mean)),
    covariance: state.covariance.map((row, i) => row.map((c, j) => c - gain[i]! * toward[j]!)),
  };
}

/** The numbers carried over into new ones that are weighted sums of the old, row by row, plus an offset. */
export function transformed(
  state: Gaussian,
  rows: readonly (readonly number[])[],
  offsets: readonly number[] = rows.map(() => 0),
): Gaussian {
  const half = rows.map((row) => state.covariance.map((_, j) => dot(row, state.covariance[j]!)));
  return { mean: rows.map((row, i) => dot(row, state.mean) + offsets[i]!), covariance: half.map((h) => rows.map((row) => dot(h, row))) };
}

/** Forgets what was known of one number and of how it went with the others: it is `about` ± `sd` now. */
export function resetTo({ mean, covariance }: Gaussian, at: number, about: number, sd: number): Gaussian {
  return {
    mean: mean.map((m, i) => (i === at ? about : m)),
    covariance: covariance.map((row, i) => row.map((c, j) => (i === at && j === at ? sd ** 2 : i === at || j === at ? 0 : c))),
  };
}
