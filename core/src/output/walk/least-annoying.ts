/** A set of annoyances borne together: bit i is the i-th mildest. */
export type AnnoyanceSet = number;

/** What a set comes to. */
export interface SetValue {
  /** The chance of running out is within the walker's limit. */
  enough: boolean;
  /** Meals that are asked for hot and that no burn can do with it. */
  failing: number;
}

/**
 * The least annoying set that is enough: first the one with the fewest failing meals; among those the one whose worst annoyance is mildest, then
 * the next worst, and so on, a set within another before it. Read as binary numbers that is simply the smallest. Exact over all sets of
 * `count` annoyances; a set is tried no more than once. Undefined where none is enough.
 */
export function leastAnnoying(count: number, valueOf: (set: AnnoyanceSet) => SetValue): AnnoyanceSet | undefined {
  return first(
    Array.from({ length: 2 ** count }, (_, set) => set),
    valueOf,
  );
}

/** The set of fewest changes that is enough, as far as failing meals allow; among those the least annoying. */
export function fewestChanges(count: number, valueOf: (set: AnnoyanceSet) => SetValue): AnnoyanceSet | undefined {
  const sets = Array.from({ length: 2 ** count }, (_, set) => set);
  return first(
    sets.sort((a, b) => sizeOf(a) - sizeOf(b) || a - b),
    valueOf,
  );
}

/** The first of an order that is enough with the fewest failing meals. */
function first(order: readonly AnnoyanceSet[], valueOf: (set: AnnoyanceSet) => SetValue): AnnoyanceSet | undefined {
  let best: { set: AnnoyanceSet; failing: number } | undefined;
  for (const set of order) {
    const { enough, failing } = valueOf(set);
    if (enough && (!best || failing < best.failing)) best = { set, failing };
    if (best?.failing === 0) break;
  }
  return best?.set;
}

const sizeOf = (set: AnnoyanceSet): number => set.toString(2).replaceAll('0', '').length;

/** What a set holds, mildest first, out of an order. */
export const membersOf = <T>(set: AnnoyanceSet, order: readonly T[]): T[] => order.filter((_, i) => (set & (1 << i)) !== 0);
