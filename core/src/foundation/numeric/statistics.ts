/** Mean of some numbers; 0 of none. */
export function meanOf(list: ArrayLike<number>): number {
  let sum = 0;
  for (let i = 0; i < list.length; i++) sum += list[i]!;
  return list.length ? sum / list.length : 0;
}

/** Variance of what some numbers were drawn from: squares about their mean over one less than there are; 0 for fewer than two. */
export function varianceOf(list: ArrayLike<number>): number {
  const mean = meanOf(list);
  let squares = 0;
  for (let i = 0; i < list.length; i++) squares += (list[i]! - mean) ** 2;
  return squares / Math.max(1, list.length - 1);
}

/** Sums from each place to the end; one entry more than values, the last one 0. */
export function suffixSums(values: readonly number[]): number[] {
  const sums = values.map(() => 0).concat(0);
  for (let i = values.length - 1; i >= 0; i--) sums[i] = sums[i + 1]! + values[i]!;
  return sums;
}
