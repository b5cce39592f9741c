/** The one of a list, never empty, whose figure lies nearest to `x`; the first of several. */
export const nearest = <T>(list: readonly T[], figureOf: (item: T) => number, x: number): T =>
  list.reduce((a, b) => (Math.abs(figureOf(b) - x) < Math.abs(figureOf(a) - x) ? b : a));
