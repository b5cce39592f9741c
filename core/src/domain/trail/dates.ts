const DAY_MS = 86_400_000;

/** The last day that ISO 8601 writes with a year of four digits. */
const LAST_DAY_MS = Date.UTC(9999, 11, 31);

/** The calendar day `days` after an ISO date, as an ISO date; it stays at the last one that can be written. */
export function addDays(isoDate: string, days: number): string {
  return new Date(Math.min(LAST_DAY_MS, Date.parse(`${isoDate}T00:00:00Z`) + days * DAY_MS)).toISOString().slice(0, 10);
}

/** Date of day `day` (1-based) of a trip that starts on `startDate`. */
export const dateOfDay = (startDate: string, day: number): string => addDays(startDate, day - 1);

/** Days from one date to another. */
export const daysBetween = (from: string, to: string): number => Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS);

/** 1 on New Year's Day. */
export function dayOfYear(isoDate: string): number {
  const t = Date.parse(`${isoDate}T00:00:00Z`);
  return Math.round((t - Date.UTC(Number(isoDate.slice(0, 4)), 0, 1)) / DAY_MS) + 1;
}
