import type { Rack, Trip } from '@tinder/core/domain/model';
import type { PlanCache } from '@tinder/core/planning/plan';
import type { Plan } from '@tinder/core/planning/planned';

/** What a study may be about. */
export interface Subject {
  trip: Trip;
  plan: Plan;
  rack: Rack;
}
/** Which version of each part of the subject a study is about. */
export type Revisions = Partial<Record<keyof Subject, number>>;

/** How studies are run in this worker. */
export interface StudySetting {
  /** What the plans of one study leave for the next. */
  cache: PlanCache;
  /** How many trips are drawn where any are. */
  tripsDrawn: number;
}
