import { measureKits } from '@tinder/core/study';
import type { Subject } from '../subject';

/** Kits of the rack planned on a trip and measured. */
export const kits = ({ rack, trip }: Pick<Subject, 'rack' | 'trip'>, { ids }: { ids: readonly string[] }): ReturnType<typeof measureKits> =>
  measureKits(rack, trip, ids);
