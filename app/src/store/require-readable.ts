import { preferencesSchema, rackSchema, readAs, shelvedTripSchema } from '@tinder/core/domain/model';
import { changedTrips } from './edit-guard';
import type { Workspace } from './workspace';

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
