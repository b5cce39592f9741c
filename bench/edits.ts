import type { Trip } from '@tinder/core/model';
import { daysOf } from '@tinder/core/model';
import { paintDays } from '@tinder/core/trail';

/** A trip with one day a little colder or warmer, another one each time; a copy, as a worker would get it. */
export function edited(trip: Trip, n: number): Trip {
  const days = daysOf(trip).length;
  const day = 1 + ((n * 7) % days);
  return structuredClone(paintDays(trip, day, day, { supperAirC: -3 + ((n * 7) % 13) + n / 100 }));
}

/** A trip that nothing has been worked out for: every day a little warmer. */
export const fresh = (trip: Trip, n: number): Trip => ({
  ...trip,
  legs: trip.legs.map((leg) => ({
    ...leg,
    days: leg.days.map((d) => ({ ...d, supperAirC: d.supperAirC + 0.013 * (n + 1), breakfastAirC: d.breakfastAirC + 0.013 * (n + 1) })),
  })),
});
