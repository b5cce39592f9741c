import fc from 'fast-check';
import { DEMO_TRIP } from '../src/demo';
import type { Trip } from '../src/domain/model';
import { planTrip } from '../src/planning/plan';
import { doneMeals } from '../src/planning/planned';
import { startTrip, starterAnswers } from '../src/domain/trail';
import { anyTrip } from './any-trip';

/** What stays of a plan in the record: hot meals done, and of every carry what burns, what leaves the stop, and what it costs. */
export interface RecordedPlan {
  done: number;
  carries: [demandG: number, fuelG: number, price: number][];
}

const TRIPS = 200;
const SEED = 20;

/** The trips whose plans are recorded: drawn by lot, always the same ones, with the demo and half a year of trail besides. */
export const recordedTrips = (): Trip[] => [
  DEMO_TRIP,
  startTrip(DEMO_TRIP, { ...starterAnswers(DEMO_TRIP, 2027), nights: 179, stops: 60, fromClimate: true }, (n) => `s${n}`),
  ...fc.sample(anyTrip, { numRuns: TRIPS, seed: SEED }),
];

const rounded = (x: number): number => Math.round(1000 * x) / 1000;

export function recordOf(trip: Trip): RecordedPlan {
  const plan = planTrip(trip);
  return {
    done: doneMeals(plan),
    carries: plan.carries.map((c) => [rounded(c.demandG + c.gatheredG), rounded(c.fuelG), rounded(c.price)]),
  };
}
