/** What a walker may bear to make fuel last, mildest first as most would have it (common practice; everyone orders them anew). */
export const ANNOYANCES = ['stopAt88', 'lowerFlame', 'noWashUp', 'filter', 'lessDrink', 'coldBreakfast', 'detour', 'coldSupper'] as const;
export type Annoyance = (typeof ANNOYANCES)[number];

/** How what is left was read: a scale, a strip on a floating can, a pole over a cord, doses counted, a mark on a bottle, or a can that is empty. */
export const WEIGHINGS = ['scale', 'float', 'pole', 'doses', 'mark', 'emptied'] as const;

export const SKIPS = ['skipped', 'cold', 'eatenOut'] as const;

export const TASTES = ['hard', 'good', 'mush'] as const;
