import { unscreenedWindMps } from '../../physics/burn';
import { USUAL_SALES } from '../carry';
import { daysOf, editDays, clamp, LIMITS, type Day, type Leg, type Restriction, type Stop, type Trip } from '../model';

/** Changes to a trail as pure functions. Days are numbered from 1 over the whole trip; stops and legs from 0. What cannot be done changes nothing. */

export const dayCount = (trip: Trip): number => trip.legs.reduce((n, l) => n + l.days.length, 0);

/** Days walked before each stop; the last entry is the length of the trip. */
export function stopDays(trip: Trip): number[] {
  const at = [0];
  for (const leg of trip.legs) at.push(at[at.length - 1]! + leg.days.length);
  return at;
}

/** First and last day of the leg with that place, 0 for the first; the trip must have one. */
export function daysOfLeg(trip: Trip, leg: number): { firstDay: number; lastDay: number } {
  const at = stopDays(trip);
  return { firstDay: at[leg]! + 1, lastDay: at[leg + 1]! };
}

/** Leg and place in it of a day. Days past the end fall on the last one. */
export function placeOfDay(trip: Trip, day: number): { leg: number; index: number } {
  const at = stopDays(trip);
  const leg = Math.max(0, Math.min(trip.legs.length - 1, at.findIndex((n) => n >= day) - 1));
  const found = at[trip.legs.length]! < day ? trip.legs.length - 1 : leg;
  return { leg: found, index: Math.min(trip.legs[found]!.days.length, Math.max(1, day - at[found]!)) - 1 };
}

/** Types values over days `from`–`to`: they win over the climate from now on. */
export function paintDays(trip: Trip, from: number, to: number, values: Partial<Day>): Trip {
  return editDays(trip, from, to, (d) => ({ ...d, ...values, simulated: d.simulated.filter((k) => !(k in values)) }));
}

export type Shiftable = 'supperAirC' | 'breakfastAirC' | 'waterC' | 'altitudeM';

/** Moves a value of days `from`–`to` up or down so that its mean becomes `mean`; each day keeps its difference, within the limits. */
export function shiftDays(trip: Trip, from: number, to: number, key: Shiftable, mean: number): Trip {
  const by = mean - meanOfDays(trip, from, to, key);
  const limits = LIMITS[key === 'supperAirC' || key === 'breakfastAirC' ? 'airC' : key];
  return editDays(trip, from, to, (d) => ({
    ...d,
    [key]: clamp(d[key] + by, limits),
    simulated: d.simulated.filter((k) => k !== key),
  }));
}

/** Mean of a value over days `from`–`to`. */
export function meanOfDays(trip: Trip, from: number, to: number, key: Shiftable): number {
  const days = daysOf(trip).slice(from - 1, to);
  return days.reduce((sum, d) => sum + d[key], 0) / Math.max(1, days.length);
}

/** Mean wind at an unscreened flame over days `from`–`to`, m/s. */
export function meanWindMps(trip: Trip, from: number, to: number): number {
  const days = daysOf(trip).slice(from - 1, to);
  return days.reduce((sum, d) => sum + unscreenedWindMps(d.wind), 0) / Math.max(1, days.length);
}

/** Moves an inner stop `byDays` later (or earlier): the days stay, the legs on either side change length, down to one day. */
export function moveStop(trip: Trip, stop: number, byDays: number): Trip {
  if (stop < 1 || stop > trip.legs.length - 1) return trip;
  const [before, after] = [trip.legs[stop - 1]!, trip.legs[stop]!];
  const days = [...before.days, ...after.days];
  const most = Math.min(days.length - 1, LIMITS.dayCount.max);
  const at = Math.max(Math.max(1, days.length - LIMITS.dayCount.max), Math.min(most, before.days.length + byDays));
  return withLegs(trip, stop - 1, 2, [
    { ...before, days: days.slice(0, at) },
    { ...after, days: days.slice(at) },
  ]);
}

/** Gives a leg `count` days: more are like its last one, fewer are cut from its end. */
export function stretchLeg(trip: Trip, leg: number, count: number): Trip {
  const before = trip.legs[leg]!;
  const { days } = before;
  const room = LIMITS.tripDays.max - dayCount(trip) + days.length;
  const n = Math.max(1, Math.min(Math.round(count), LIMITS.dayCount.max, room));
  if (n === days.length) return trip;
  const last = days[days.length - 1]!;
  const next = Array.from({ length: n }, (_, i) => days[i] ?? { ...last, eatsOut: { breakfast: false, supper: false } });
  return withLegs(trip, leg, 1, [{ ...before, days: next }]);
}

/** Puts a new stop at the end of `day`; not where one stands already. */
export function insertStop(trip: Trip, day: number, id: string, name: string): Trip {
  const { leg, index } = placeOfDay(trip, day);
  const { days, ...rules } = trip.legs[leg]!;
  if (index === days.length - 1 || trip.stops.length >= LIMITS.stops.max) return trip;
  const legs = [
    { ...rules, days: days.slice(0, index + 1) },
    { ...rules, days: days.slice(index + 1) },
  ];
  return { ...withLegs(trip, leg, 1, legs), stops: trip.stops.toSpliced(leg + 1, 0, newStop(id, name, 'shop')) };
}

/** What such a kind of stop usually sells, prices unknown. */
export const usualSales = (kind: Stop['kind']): Stop['sells'] => USUAL_SALES[kind].map((packageId) => ({ packageId, price: null }));

/** A stop of which nothing is known but its kind; towns have a bin for empties (common practice). */
export const newStop = (id: string, name: string, kind: Stop['kind']): Stop => ({
  id,
  name,
  kind,
  sells: usualSales(kind),
  openNote: '',
  bin: kind === 'town',
  box: null,
  pinned: null,
  detourKm: 0,
});

const STRICTEST: readonly Restriction[] = ['noFlame', 'noOpenFlame', 'unknown', 'none'];

/** Takes an inner stop away: its two legs become one under the stricter of their rules, with both notes. */
export function removeStop(trip: Trip, stop: number): Trip {
  if (stop < 1 || stop > trip.legs.length - 1) return trip;
  const [a, b] = [trip.legs[stop - 1]!, trip.legs[stop]!];
  if (a.days.length + b.days.length > LIMITS.dayCount.max) return trip;
  const restriction = STRICTEST.find((r) => r === a.restriction || r === b.restriction) ?? 'none';
  const restrictionNote = [...new Set([a.restrictionNote, b.restrictionNote])].filter(Boolean).join('; ').slice(0, 300);
  const joined = { days: [...a.days, ...b.days], restriction, restrictionNote };
  return { ...withLegs(trip, stop - 1, 2, [joined]), stops: trip.stops.toSpliced(stop, 1) };
}

/** A day without walking, after `day`: at the same camp, or in town with every meal eaten out. */
export function insertZeroDay(trip: Trip, day: number, inTown: boolean): Trip {
  const { leg, index } = placeOfDay(trip, day);
  const { days } = trip.legs[leg]!;
  if (dayCount(trip) >= LIMITS.tripDays.max || days.length >= LIMITS.dayCount.max) return trip;
  const zero: Day = { ...days[index]!, km: 0, ascentM: 0, eatsOut: { breakfast: inTown, supper: inTown } };
  return withLegs(trip, leg, 1, [{ ...trip.legs[leg]!, days: days.toSpliced(index + 1, 0, zero) }]);
}

/** Takes days `from`–`to` away; every leg keeps at least one. */
export function removeDays(trip: Trip, from: number, to: number): Trip {
  let day = 0;
  const legs = trip.legs.map((leg) => {
    const kept = leg.days.filter(() => ++day < from || day > to);
    return kept.length === leg.days.length ? leg : { ...leg, days: kept.length ? kept : leg.days.slice(0, 1) };
  });
  return { ...trip, legs };
}

/** Changes the stop of that id. */
export function editStop(trip: Trip, stopId: string, change: Partial<Stop>): Trip {
  const at = trip.stops.findIndex((s) => s.id === stopId);
  return at < 0 ? trip : { ...trip, stops: trip.stops.with(at, { ...trip.stops[at]!, ...change }) };
}

export const editLeg = (trip: Trip, leg: number, change: Partial<Omit<Leg, 'days'>>): Trip => ({
  ...trip,
  legs: trip.legs.map((l, i) => (i === leg ? { ...l, ...change } : l)),
});

/** Is any value of the day the climate's? */
export const isSimulated = (day: Day, key: string): boolean => day.simulated.some((k) => k === key);

const withLegs = (trip: Trip, at: number, remove: number, legs: Leg[]): Trip => ({
  ...trip,
  legs: trip.legs.toSpliced(at, remove, ...legs),
});
