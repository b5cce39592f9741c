import {
  bestChanges,
  coldView,
  doseTable,
  flameCurve,
  planTrip,
  type BurnFacts,
  type Change,
  type ColdView,
  type DoseTable,
  type FlameCurve,
  type Plan,
  type Trip,
} from '@tinder/core';

/** What the plan worker offers; runs the same on the main thread in tests. */
export interface Planner {
  plan(trip: Trip): Plan;
  changes(trip: Trip, plan: Plan): Change[];
  /** Everything the closer look shows for one meal; `unscreened` is the same meal without its windscreen. */
  closer(trip: Trip, plan: Plan, facts: BurnFacts, unscreened: BurnFacts): Closer;
}

export interface Closer {
  flame?: FlameCurve;
  /** The same without the windscreen. */
  flameBare?: FlameCurve;
  cold?: ColdView;
  dose?: DoseTable;
}

/** Leaves out what a kit does not have. */
const present = <K extends string, V>(key: K, value: V | undefined) => (value === undefined ? {} : ({ [key]: value } as Record<K, V>));

export const planner: Planner = {
  plan: (trip) => planTrip(trip),
  changes: (trip, plan) => bestChanges(trip, plan),
  closer: (trip, plan, facts, unscreened) => ({
    ...present('flame', flameCurve(trip, facts)),
    ...present('flameBare', flameCurve(trip, unscreened)),
    ...present('cold', coldView(trip, plan)),
    ...present('dose', doseTable(trip, facts)),
  }),
};
