import { measureKits } from '@tinder/core/studies/study';
import type { StudySetting, Subject } from '../subject';

/** Kits of the rack planned on a trip and measured. */
export const kits = (
  { rack, trip }: Pick<Subject, 'rack' | 'trip'>,
  { ids }: { ids: readonly string[] },
  { cache }: StudySetting,
): ReturnType<typeof measureKits> => measureKits(rack, trip, ids, cache);
