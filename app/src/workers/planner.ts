import type { Trip } from '@tinder/core/model';
import type { Plan, PlanProgress } from '@tinder/core/plan';

/** What the plan worker offers. */
export interface Planner {
  plan(trip: Trip, report?: (p: PlanProgress) => void): Plan;
}
