import type { Trip } from '@tinder/core/domain/model';
import { seasonPlan, type SeasonPlan } from '@tinder/core/studies/study';
import type { StudySetting, Subject } from '../subject';

/** Every dated trip to come, one after another, out of what the shelf holds by then. */
export const season = (
  { rack }: Pick<Subject, 'rack'>,
  { trips, today }: { trips: readonly Trip[]; today: string },
  { cache }: StudySetting,
): SeasonPlan => seasonPlan(trips, rack.shelf, today, cache);
