import type { Trip } from '@tinder/core/model';
import { seasonPlan, type SeasonPlan } from '@tinder/core/study';
import type { Subject } from '../subject';

/** Every dated trip to come, one after another, out of what the shelf holds by then. */
export const season = ({ rack }: Pick<Subject, 'rack'>, { trips, today }: { trips: readonly Trip[]; today: string }): SeasonPlan =>
  seasonPlan(trips, rack.shelf, today);
