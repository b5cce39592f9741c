import { bestChanges, planTrip, type Change, type Plan, type Trip } from '@tinder/core';

/** What the plan worker offers; runs the same on the main thread in tests. */
export interface Planner {
  plan(trip: Trip): Plan;
  changes(trip: Trip, plan: Plan): Change[];
}

export const planner: Planner = { plan: (trip) => planTrip(trip), changes: (trip, plan) => bestChanges(trip, plan) };
