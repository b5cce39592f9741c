/**
 * Halves the interval from `low` to `high` so many times towards where `isBelow` turns from true to false, and gives back what is left of
 * it. `isBelow` turns once; it is asked at neither end.
 */
export function bisect(low: number, high: number, isBelow: (x: number) => boolean, halvings: number): { low: number; high: number } {
  for (let i = 0; i < halvings; i++) {
    const mid = (low + high) / 2;
    if (isBelow(mid)) low = mid;
    else high = mid;
  }
  return { low, high };
}
