import type { Wind } from '../../physics/burn';
import { answerClimate, type ClimateQuery, type SimulatedClimate } from '../../physics/climate';
import { CLIMATE_KEYS, editDays, clamp, LIMITS, mapDays, type ClimateKey, type Day, type Trip } from '../model';
import { dateOfDay, dayOfYear } from './dates';

/** The question a trip puts to the climate service. */
export function climateQuery(trip: Trip): ClimateQuery {
  const days = trip.legs
    .flatMap((l) => l.days)
    .map((d, i) => ({ altitudeM: d.altitudeM, dayOfYear: dayOfYear(dateOfDay(trip.startDate, i + 1)) }));
  return { latitudeDeg: trip.latitudeDeg, days };
}

/**
 * Writes the climate into every value that is marked as simulated; typed values stay. `answers` has one entry a day; where it does
 * not fit the trip any more the climate is asked again. A trip with nothing simulated comes back as it is.
 */
export function fillClimate(trip: Trip, answers?: readonly SimulatedClimate[]): Trip {
  if (!trip.legs.some((l) => l.days.some((d) => d.simulated.length > 0))) return trip;
  const query = climateQuery(trip);
  const fitting = answers?.length === query.days.length ? answers : answerClimate(query);
  return mapDays(trip, (d, day) => filled(d, fitting[day - 1]!));
}

/** Hands days `from`–`to` (1-based, inclusive) over to the climate, typed values too. */
export function letClimateSay(trip: Trip, from: number, to: number, answers?: readonly SimulatedClimate[]): Trip {
  return fillClimate(
    editDays(trip, from, to, (d) => ({ ...d, simulated: [...CLIMATE_KEYS] })),
    answers,
  );
}

function filled(day: Day, c: SimulatedClimate): Day {
  if (!day.simulated.length) return day;
  const site = day.wind.kind === 'forecast' ? day.wind.site : 'trees';
  const all: Pick<Day, ClimateKey> = {
    supperAirC: clamp(c.supperAirC, LIMITS.airC),
    breakfastAirC: clamp(c.breakfastAirC, LIMITS.airC),
    waterC: c.waterC,
    wind: { kind: 'forecast', tenMetreMps: clamp(c.tenMetreMps, LIMITS.tenMetreMps), site } satisfies Wind,
  };
  const change = Object.fromEntries(day.simulated.map((key) => [key, all[key]]));
  return { ...day, ...change, spreadC: c.spreadC };
}
