import {
  preferencesSchema,
  rackSchema,
  shelvedTripSchema,
  tooManyInTrip,
  tooManyOnRack,
  tooManyTrips,
  type TooMany,
} from '@tinder/core/model';
import type { Workspace } from './workspace';

const changedTrips = (before: Workspace, after: Workspace) => after.library.filter((s) => !before.library.includes(s));

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
  const parsed = [
    ...changedTrips(before, after).map((s) => shelvedTripSchema.safeParse(s)),
    ...(after.rack === before.rack ? [] : [rackSchema.safeParse(after.rack)]),
    ...(after.preferences === before.preferences ? [] : [preferencesSchema.safeParse(after.preferences)]),
  ];
  const bad = parsed.find((p) => !p.success)?.error?.issues[0];
  if (bad) throw new Error(`the edit “${label}” makes what cannot be read back: ${bad.path.join('.')}: ${bad.message}`);
}
