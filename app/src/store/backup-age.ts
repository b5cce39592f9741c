/** Without a backup for so long the walker is reminded, days. */
export const REMIND_AFTER_DAYS = 30;
const DAY_MS = 86_400_000;

/** Whole days since the last backup of everything (an ISO date); undefined before the first. */
export const daysSinceBackup = (last: string | undefined, nowMs: number): number | undefined =>
  last === undefined ? undefined : Math.floor((nowMs - Date.parse(last)) / DAY_MS);

/** There is something to lose, and no backup of the last month. */
export const backupIsDue = (written: boolean, last: string | undefined, nowMs: number): boolean =>
  written && (daysSinceBackup(last, nowMs) ?? Number.POSITIVE_INFINITY) > REMIND_AFTER_DAYS;
