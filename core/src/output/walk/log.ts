import type { MealName, Trip, WalkEvent } from '../../domain/model';
import { dayCount, daysBetween } from '../../domain/trail';

/** A log in the order in which it happened: by when it was written down. */
export const sortedByTime = (log: readonly WalkEvent[]): WalkEvent[] =>
  [...log].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : a.id < b.id ? -1 : 1));

/**
 * A log with one more event. It comes last even where the clock was set back since: what was written down later happened later.
 */
export function withEvent(log: readonly WalkEvent[], event: WalkEvent): WalkEvent[] {
  const last = sortedByTime(log).at(-1);
  const at = last && event.at <= last.at ? new Date(Date.parse(last.at) + 1).toISOString() : event.at;
  return [...log, { ...event, at }];
}

/** Two logs of one walk, by the ids of their events: nothing twice, nothing lost. Where both hold one, `mine` stands. */
export const mergedLogs = (mine: readonly WalkEvent[], theirs: readonly WalkEvent[]): WalkEvent[] =>
  sortedByTime([...mine, ...theirs.filter((t) => !mine.some((m) => m.id === t.id))]);

/** A meal of a day, as a key. */
export const mealKey = (day: number, meal: MealName): string => `${day} ${meal}`;

/** Meals that are written down, cooked or not. */
export const writtenMeals = (log: readonly WalkEvent[]): Set<string> =>
  new Set(log.flatMap((e) => (e.kind === 'cooked' || e.kind === 'skipped' ? [mealKey(e.day, e.meal)] : [])));

/** The day of the trip that the calendar says, late or early as the walker is; it may lie outside the trip. */
export const dayByCalendar = (trip: Pick<Trip, 'startDate' | 'walk'>, today: string): number =>
  daysBetween(trip.startDate, today) + 1 - (trip.walk?.daysLate ?? 0);

/** Is a trip being walked on that day of the calendar: its log has begun, and the day lies within the trip or one beside it? A rehearsal is none. */
export function isUnderWay(trip: Trip, today: string): boolean {
  if (!trip.walk?.log.length) return false;
  const day = dayByCalendar(trip, today);
  return day >= 0 && day <= dayCount(trip) + 1;
}

/**
 * The day that is being walked: the calendar's, but never one before what is written down last, and never one outside the trip. Where the calendar
 * lies outside of it (a rehearsal, a clock that is wrong) the log alone counts.
 */
export function dayOfWalk(trip: Pick<Trip, 'startDate' | 'walk'>, today: string, lastDay: number): number {
  const written = Math.max(1, ...(trip.walk?.log ?? []).map((e) => e.day));
  const calendar = dayByCalendar(trip, today);
  return Math.min(lastDay, calendar < 1 || calendar > lastDay ? written : Math.max(written, calendar));
}
