/** Waits that belong to a burner and not to a dish, s (common practice; the maker's manual goes before it). */
export const COOK_S = { bloom: 40, prime: 90 } as const;
