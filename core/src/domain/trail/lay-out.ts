import { done, refused, type Result } from '../../foundation/errors';
import { CLIMATE_KEYS, clamp, LIMITS, nameFrom, type Day, type Leg, type Stop, type Trip, unwalked } from '../model';
import { bisect } from '../../foundation/numeric';
import { newStop } from './edit';
import { fillClimate } from './fill-climate';
import type { TrackWaypoint } from './track';
import { effortOf, effortPerDay, type Pace } from './pace';
import { interpolate, heightProfile, lengthKm, nearest, positionAt, type TrailLine } from './trail-line';

/** Stops this close together along the trail are one, km. */
const SAME_PLACE_KM = 0.5;
/** A day may be this much longer than the pace before another one is added (common practice: nobody camps an hour short of town). */
const LAST_STRETCH = 0.1;

/** A waypoint beside the trail, offered as a stop. */
export interface StopCandidate {
  waypoint: TrackWaypoint;
  km: number;
  offKm: number;
}

/** Waypoints in the order they are passed, with how far off the trail they lie. */
export function stopCandidates(line: TrailLine, waypoints: readonly TrackWaypoint[]): StopCandidate[] {
  return waypoints.map((waypoint) => ({ waypoint, ...nearest(line, waypoint) })).sort((a, b) => a.km - b.km);
}

/** Between two stops it comes to more days than a leg, or a trip, may have. */
export interface TooManyDays {
  code: 'tooManyDays';
  days: number;
  limit: number;
  from: string;
  to: string;
}

/**
 * A trip along a track: legs between the chosen stops, each cut into days of even effort at no more than the pace, a camp at the
 * end of each. Conditions come from the simulated climate until they are typed. `base` gives name, date, kit and menu.
 */
export function layOutTrip(
  base: Trip,
  line: TrailLine,
  chosen: readonly StopCandidate[],
  pace: Pace,
  idOf: (n: number) => string,
): Result<Trip, TooManyDays> {
  const total = lengthKm(line);
  const inner = chosen.filter((c, i) => {
    const before = i > 0 ? chosen[i - 1]!.km : 0;
    return c.km - before > SAME_PLACE_KM && total - c.km > SAME_PLACE_KM;
  });
  const ends = [0, ...inner.map((c) => c.km), total];
  const named = (i: number): string =>
    i === 0 ? 'Start' : i === ends.length - 1 ? 'End' : nameFrom(inner[i - 1]!.waypoint.name, { otherwise: `stop ${i}` });
  const legs: Leg[] = [];
  let days = 0;
  for (let i = 0; i + 1 < ends.length; i++) {
    const leg = layOutLeg(base.legs[0]!.days[0]!, line, ends[i]!, ends[i + 1]!, pace);
    days += leg.days.length;
    const limit = leg.days.length > LIMITS.dayCount.max ? LIMITS.dayCount.max : LIMITS.tripDays.max;
    if (leg.days.length > LIMITS.dayCount.max || days > LIMITS.tripDays.max)
      return refused({ code: 'tooManyDays', days: Math.max(leg.days.length, days), limit, from: named(i), to: named(i + 1) });
    legs.push(leg);
  }
  const stops = ends.map((km, i): Stop => {
    const kind = i === ends.length - 1 ? 'trailEnd' : 'town';
    const detourKm = i > 0 && i < ends.length - 1 ? Math.min(LIMITS.km.max, Math.round(20 * inner[i - 1]!.offKm) / 10) : 0;
    return { ...newStop(idOf(i), named(i), kind), detourKm, at: positionAt(line, km) };
  });
  const { latitudeDeg } = positionAt(line, total / 2);
  return done(fillClimate({ ...unwalked(base), latitudeDeg, stops, legs, profile: heightProfile(line) }));
}

function layOutLeg(like: Day, line: TrailLine, fromKm: number, toKm: number, pace: Pace): Leg {
  const ascentAt = (km: number) => interpolate(line.km, line.ascentM, km);
  const effortTo = (km: number) => effortOf(pace, km - fromKm, ascentAt(km) - ascentAt(fromKm));
  const effort = effortTo(toKm);
  const count = Math.max(1, Math.ceil(effort / effortPerDay(pace) - LAST_STRETCH));
  const kmAt = (share: number): number => bisect(fromKm, toKm, (km) => effortTo(km) < share * effort, 40).high;
  let startKm = fromKm;
  const days = Array.from({ length: count }, (_, i): Day => {
    const endKm = i === count - 1 ? toKm : kmAt((i + 1) / count);
    const day: Day = {
      ...like,
      km: Math.min(LIMITS.km.max, Math.round(10 * (endKm - startKm)) / 10),
      ascentM: Math.min(LIMITS.ascentM.max, Math.round(ascentAt(endKm) - ascentAt(startKm))),
      altitudeM: clamp(Math.round(interpolate(line.km, line.altitudeM, endKm)), LIMITS.altitudeM),
      eatsOut: { breakfast: false, supper: false },
      source: 'stream',
      simulated: [...CLIMATE_KEYS],
      at: positionAt(line, endKm),
    };
    startKm = endKm;
    return day;
  });
  return { days, restriction: 'unknown', restrictionNote: '' };
}
