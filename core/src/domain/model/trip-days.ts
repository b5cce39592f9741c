import type { Day } from './trail-schema';
import type { Trip } from './trip-schema';

/** Every day of a trip in order; day n stands at n − 1. */
export const daysOf = (trip: Pick<Trip, 'legs'>): Day[] => trip.legs.flatMap((l) => l.days);

/** Changes every day in order; `day` counts from 1 over the whole trip. Legs keep their lengths. */
export function mapDays(trip: Trip, change: (d: Day, day: number) => Day): Trip {
  let day = 0;
  return { ...trip, legs: trip.legs.map((leg) => ({ ...leg, days: leg.days.map((d) => change(d, ++day)) })) };
}

/** Changes days `from`–`to`, inclusive. */
export const editDays = (trip: Trip, from: number, to: number, change: (d: Day) => Day): Trip =>
  mapDays(trip, (d, day) => (day >= from && day <= to ? change(d) : d));
