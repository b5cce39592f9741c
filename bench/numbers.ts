/** The value that a share `q` (0–1) of a list stays below. */
export const quantile = (list: readonly number[], q: number): number =>
  [...list].sort((a, b) => a - b)[Math.floor(q * (list.length - 1))] ?? 0;

/** How long something takes, ms. */
export function timed(work: () => unknown): number {
  const t0 = performance.now();
  work();
  return performance.now() - t0;
}

/** The median of so many runs, ms; `of` is given the number of the run. */
export const medianMs = (runs: number, work: (run: number) => unknown): number =>
  quantile(
    Array.from({ length: runs }, (_, i) => timed(() => work(i))),
    0.5,
  );
