const DAY_MS = 86_400_000;

/** The calendar day `days` after an ISO date, as an ISO date. */
export function addDays(isoDate: string, days: number): string {
  return new Date(Date.parse(`${isoDate}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);
}

/** Date of day `day` (1-based) of a trip that starts on `startDate`. */
export const dateOfDay = (startDate: string, day: number): string => addDays(startDate, day - 1);

/** 1 on New Year's Day. */
export function dayOfYear(isoDate: string): number {
  const t = Date.parse(`${isoDate}T00:00:00Z`);
  return Math.round((t - Date.UTC(Number(isoDate.slice(0, 4)), 0, 1)) / DAY_MS) + 1;
}
