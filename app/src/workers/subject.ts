import type { Rack, Trip } from '@tinder/core/model';
import type { Plan } from '@tinder/core/planned';

/** What a study may be about. */
export interface Subject {
  trip: Trip;
  plan: Plan;
  rack: Rack;
}
/** Which version of each part of the subject a study is about. */
export type Revisions = Partial<Record<keyof Subject, number>>;

export interface StudySetting {
  /** How many trips are drawn where any are. */
  tripsDrawn: number;
}
