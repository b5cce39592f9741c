import type { Trip } from '@tinder/core/model';
import { planTrip, type PlanProgress } from '@tinder/core/plan';
import type { Plan } from '@tinder/core/planned';

/** What the plan worker offers: nothing but planning, so that no study ever makes a drag wait. */
export interface Planner {
  plan(trip: Trip, report?: (p: PlanProgress) => void): Plan;
}

export const PLANNER: Planner = { plan: (trip, report) => planTrip(trip, report) };
