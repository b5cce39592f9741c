import { daysOf, type Day, type Trip } from '@tinder/core/domain/model';
import { paintDays } from '@tinder/core/domain/trail';

/** Another share of one for every number: whatever was measured before, no two trips are alike. */
const share = (n: number): number => (n * GOLDEN) % 1;
const GOLDEN = (Math.sqrt(5) - 1) / 2;

/** A trip with one day a little colder or warmer, another one each time; a copy, as a worker would get it. */
export function edited(trip: Trip, n: number): Trip {
  const days = daysOf(trip).length;
  const day = 1 + ((n * 7) % days);
  return structuredClone(paintDays(trip, day, day, { supperAirC: -3 + ((n * 7) % 13) + share(n) }));
}

/** A trip that nothing has been worked out for: every day up to two degrees warmer. */
export function fresh(trip: Trip, n: number): Trip {
  const warmerK = 2 * share(n + 1);
  const warmer = (d: Day): Day => ({ ...d, supperAirC: d.supperAirC + warmerK, breakfastAirC: d.breakfastAirC + warmerK });
  return { ...trip, legs: trip.legs.map((leg) => ({ ...leg, days: leg.days.map(warmer) })) };
}
