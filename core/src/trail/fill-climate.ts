import { LIMITS } from '../archive/limits';
import { CLIMATE_KEYS, type ClimateKey, type Day, type Trip } from '../archive/trip-schema';
import type { Wind } from '../burn/wind';
import { answerClimate, type ClimateQuery } from '../climate/climate-service';
import type { SimulatedClimate } from '../climate/simulated-climate';
import { dateOfDay, dayOfYear } from './dates';

/** The question a trip puts to the climate service. */
export function climateQuery(trip: Trip): ClimateQuery {
  let day = 0;
  const days = trip.legs.flatMap((l) =>
    l.days.map((d) => ({ altitudeM: d.altitudeM, dayOfYear: dayOfYear(dateOfDay(trip.startDate, ++day)) })),
  );
  return { latitudeDeg: trip.latitudeDeg, days };
}

/**
 * Writes the climate into every value that is marked as simulated; typed values stay. `answers` has one entry a day; where it does
 * not fit the trip any more the climate is asked again.
 */
export function fillClimate(trip: Trip, answers?: readonly SimulatedClimate[]): Trip {
  const query = climateQuery(trip);
  const fitting = answers?.length === query.days.length ? answers : answerClimate(query);
  let day = 0;
  return { ...trip, legs: trip.legs.map((leg) => ({ ...leg, days: leg.days.map((d) => filled(d, fitting[day++])) })) };
}

/** Hands days `from`–`to` (1-based, inclusive) over to the climate, typed values too. */
export function letClimateSay(trip: Trip, from: number, to: number, answers?: readonly SimulatedClimate[]): Trip {
  let day = 0;
  const legs = trip.legs.map((leg) => ({
    ...leg,
    days: leg.days.map((d) => (++day >= from && day <= to ? { ...d, simulated: [...CLIMATE_KEYS] } : d)),
  }));
  return fillClimate({ ...trip, legs }, answers);
}

function filled(day: Day, c: SimulatedClimate): Day {
  if (!day.simulated.length) return day;
  const hold = (x: number, { min, max }: { min: number; max: number }) => Math.min(max, Math.max(min, x));
  const site = day.wind.kind === 'forecast' ? day.wind.site : 'trees';
  const all: Pick<Day, ClimateKey> = {
    supperAirC: hold(c.supperAirC, LIMITS.airC),
    breakfastAirC: hold(c.breakfastAirC, LIMITS.airC),
    waterC: c.waterC,
    wind: { kind: 'forecast', tenMetreMps: hold(c.tenMetreMps, LIMITS.tenMetreMps), site } satisfies Wind,
  };
  const change = Object.fromEntries(day.simulated.map((key) => [key, all[key]]));
  return { ...day, ...change, spreadC: c.spreadC };
}
