/** Making water safe by boiling: one minute rolling, three above a height that two agencies set differently. */
export const BOIL_RULES = {
  /** CDC: 6,500 ft. */
  cdc: { longAboveM: 1981 },
  /** EPA: 5,000 ft; the stricter of the two. */
  epa: { longAboveM: 1524 },
} as const;
export type BoilRule = keyof typeof BOIL_RULES;

/** Seconds of rolling boil that make water safe at `altitudeM` by a rule (CDC or EPA advice to travellers). */
export function boilTimeS(altitudeM: number, rule: BoilRule): number {
  return altitudeM > BOIL_RULES[rule].longAboveM ? 180 : 60;
}
