/** Something written beside a drawing, at a height of its own. */
export interface Label {
  labelY: number;
}

/** Moves labels that would lie on each other up, the lowest keeping its place: at least `lineHeight` between any two. Lowest first. */
export function spreadUp<T extends Label>(labels: readonly T[], lineHeight: number): T[] {
  let taken = Number.POSITIVE_INFINITY;
  return [...labels]
    .sort((a, b) => b.labelY - a.labelY)
    .map((l) => {
      taken = Math.min(l.labelY, taken - lineHeight);
      return { ...l, labelY: taken };
    });
}
