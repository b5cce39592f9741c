/** How a burner is closed between meals. */
export type BurnerSeal = 'open' | 'cap' | 'gasket';

/** Half-lives of alcohol left in a burner, h (assumptions: an open cup is dry by morning, a loose cap loses half a night's worth). */
const HALF_LIFE_H: Record<BurnerSeal, number> = { open: 1.5, cap: 12, gasket: Number.POSITIVE_INFINITY };

/** Share (0–1) of what was left in a burner that is still there after `hours`. */
export function leftInBurner(seal: BurnerSeal, hours: number): number {
  return 0.5 ** (hours / HALF_LIFE_H[seal]);
}
