import type { Wind } from '../../physics/burn';
import type { Day, Trip } from '../model';
import { daysOfLeg, meanOfDays, meanWindMps, type Shiftable } from './edit';

/** What a leg is walked and cooked in: numbers are means of its days, choices those of its first day. */
export interface LegConditions {
  /** Its place among the legs, and its first and last day. */
  leg: number;
  firstDay: number;
  lastDay: number;
  from: string;
  to: string;
  supperAirC: number;
  breakfastAirC: number;
  waterC: number;
  altitudeM: number;
  wind: Wind;
  /** At an unscreened flame. */
  meanWindMps: number;
  gusty: boolean;
  source: Day['source'];
}

/** The conditions of the leg of a trip with that place, 0 for the first; it must have one. */
export function legConditions(trip: Trip, leg: number): LegConditions {
  const { firstDay, lastDay } = daysOfLeg(trip, leg);
  const first = trip.legs[leg]!.days[0]!;
  const mean = (key: Shiftable) => meanOfDays(trip, firstDay, lastDay, key);
  return {
    leg,
    firstDay,
    lastDay,
    from: trip.stops[leg]!.name,
    to: trip.stops[leg + 1]!.name,
    supperAirC: mean('supperAirC'),
    breakfastAirC: mean('breakfastAirC'),
    waterC: mean('waterC'),
    altitudeM: mean('altitudeM'),
    wind: first.wind,
    meanWindMps: meanWindMps(trip, firstDay, lastDay),
    gusty: first.gusty,
    source: first.source,
  };
}
