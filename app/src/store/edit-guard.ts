import {
  preferencesSchema,
  rackSchema,
  readAs,
  shelvedTripSchema,
  tooManyInTrip,
  tooManyOnRack,
  tooManyTrips,
  type ShelvedTrip,
  type TooMany,
} from '@tinder/core/model';
import type { Workspace } from './workspace';

function changedTrips(before: Workspace, after: Workspace): readonly ShelvedTrip[] {
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

/** Throws where an edit made something that could not be read back: a fault of ours, to be found before a walker meets it. */
export function requireReadable(before: Workspace, after: Workspace, label: string): void {
  const reads = [
    ...changedTrips(before, after).map((s) => readAs(shelvedTripSchema, s)),
    ...(after.rack === before.rack ? [] : [readAs(rackSchema, after.rack)]),
    ...(after.preferences === before.preferences ? [] : [readAs(preferencesSchema, after.preferences)]),
  ];
  const [bad] = reads.flatMap((r) => (r.ok ? [] : r.problem.issues));
  if (bad) throw new Error(`the edit “${label}” makes what cannot be read back: ${bad.path}, ${bad.code}`);
}
