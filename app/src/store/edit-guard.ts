import { tooManyInTrip, tooManyOnRack, tooManyTrips, type ShelvedTrip, type TooMany } from '@tinder/core/domain/model';
import type { Workspace } from './workspace';

/** Trips that an edit has changed or added. */
export function changedTrips(before: Workspace, after: Workspace): readonly ShelvedTrip[] {
  if (after.library === before.library) return [];
  const unchanged = new Set(before.library);
  return after.library.filter((s) => !unchanged.has(s));
}

/** The first thing that an edit would leave too many of; undefined where there is room. Only what changed is counted. */
export function noRoomFor(before: Workspace, after: Workspace): TooMany | undefined {
  if (before === after) return undefined;
  const inTrips = changedTrips(before, after).map((s) => tooManyInTrip(s.trip));
  return (
    (after.library.length > before.library.length ? tooManyTrips(after.library.length) : undefined) ??
    inTrips.find((t) => t !== undefined) ??
    (after.rack === before.rack ? undefined : tooManyOnRack(after.rack))
  );
}
