/**
 * A smooth function from a table of it: cubic Hermite pieces between equally spaced points, the slopes by fourth-order central differences.
 * For functions that are asked for far more often than their table has points; the error falls with the fourth power of `step`.
 * The table is drawn up when it is asked for first: a page that only reads this code need not wait for it.
 * Holds from `from` to `to`; outside it is carried on from the ends' pieces, and is the caller's to avoid.
 */
export function tabulated(f: (x: number) => number, from: number, to: number, step: number): (x: number) => number {
  const pieces = Math.ceil((to - from) / step);
  let table: { values: Float64Array; rises: Float64Array } | undefined;
  return (x) => {
    const { values, rises } = (table ??= drawnUp(f, from, pieces, step));
    const place = (x - from) / step;
    const piece = Math.min(pieces - 1, Math.max(0, Math.floor(place)));
    const i = piece + 2;
    const t = place - piece;
    const rise = values[i + 1]! - values[i]!;
    return values[i]! + t * (rise + (1 - t) * ((1 - t) * (rises[i]! - rise) + t * (rise - rises[i + 1]!)));
  };
}

function drawnUp(f: (x: number) => number, from: number, pieces: number, step: number): { values: Float64Array; rises: Float64Array } {
  const values = Float64Array.from({ length: pieces + 5 }, (_, i) => f(from + (i - 2) * step)); // two more on either side for the slopes
  const rises = values.map((_, i) => (8 * (values[i + 1]! - values[i - 1]!) - (values[i + 2]! - values[i - 2]!)) / 12);
  return { values, rises };
}
