/** Beaufort scale: words and mean 10 m wind, m/s (WMO Manual on Codes, table 1100: mid of each class from v = 0.836·B^1.5). */
export const BEAUFORT = [
  { force: 0, word: 'calm', tenMetreMps: 0 },
  { force: 1, word: 'light air', tenMetreMps: 0.84 },
  { force: 2, word: 'light breeze', tenMetreMps: 2.36 },
  { force: 3, word: 'gentle breeze', tenMetreMps: 4.34 },
  { force: 4, word: 'moderate breeze', tenMetreMps: 6.69 },
  { force: 5, word: 'fresh breeze', tenMetreMps: 9.35 },
  { force: 6, word: 'strong breeze', tenMetreMps: 12.29 },
  { force: 7, word: 'near gale', tenMetreMps: 15.48 },
  { force: 8, word: 'gale', tenMetreMps: 18.92 },
] as const;

/** The Beaufort class of a 10 m wind, by the nearest class mean. */
export function beaufortOf(tenMetreMps: number): (typeof BEAUFORT)[number] {
  return BEAUFORT.reduce<(typeof BEAUFORT)[number]>(
    (best, b) => (Math.abs(b.tenMetreMps - tenMetreMps) < Math.abs(best.tenMetreMps - tenMetreMps) ? b : best),
    BEAUFORT[0],
  );
}
