import { DEMO_TRIP } from '../src/demo';
import type { Day, Trip } from '../src/domain/model';
import { planTrip } from '../src/planning/plan';
import { carryOfDay, type CarryPlan } from '../src/planning/planned';
import { dayCount, paintDays, stretchLeg } from '../src/domain/trail';

/** The demo's first leg alone: five days, one carry. */
export const SHORT_TRIP: Trip = { ...DEMO_TRIP, stops: DEMO_TRIP.stops.slice(0, 2), legs: DEMO_TRIP.legs.slice(0, 1) };

/** A trip with the same values on every day. */
export const everyDay = (trip: Trip, values: Partial<Day>): Trip => paintDays(trip, 1, dayCount(trip), values);
export const ofDays = (n: number): Trip => stretchLeg(SHORT_TRIP, 0, n);
/** The plan of a trip's first carry. */
export const firstCarry = (trip: Trip): CarryPlan => carryOfDay(planTrip(trip), 1);
