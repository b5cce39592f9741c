import { MEALS } from './meals';
import { MOST } from './limits';
import type { Rack } from './rack-schema';
import type { Trip } from './trip-schema';

/** Things there may be only so many of. */
export type Counted = keyof typeof MOST;

/** There would be more of a thing than is kept. */
export interface TooMany {
  code: 'tooMany';
  what: Counted;
  found: number;
  most: number;
  /** Name of the kit, where it is one kit's. */
  of?: string;
}

const tooMany = (what: Counted, found: number, of?: string): TooMany | undefined =>
  found > MOST[what] ? { code: 'tooMany', what, found, most: MOST[what], ...(of === undefined ? {} : { of }) } : undefined;

const firstOf = (checks: readonly (TooMany | undefined)[]): TooMany | undefined => checks.find((c) => c !== undefined);

/** The first thing that a trip would have too many of. The schema has the same limits; this says it while it can still be refused. */
export const tooManyInTrip = (trip: Trip): TooMany | undefined =>
  firstOf([
    tooMany('stops', trip.stops.length),
    tooMany(
      'tripDays',
      trip.legs.reduce((n, l) => n + l.days.length, 0),
    ),
    tooMany('dishes', trip.dishes.length),
    tooMany('rotation', Math.max(0, ...MEALS.map((m) => trip.rotation[m]?.length ?? 0))),
    tooMany('whatIfs', trip.whatIfs.length),
    tooMany('profilePoints', trip.profile.length),
    tooMany('ticks', trip.packed.length),
    tooMany('events', trip.walk?.log.length ?? 0),
  ]);

/** The same of a rack. */
export const tooManyOnRack = (rack: Rack): TooMany | undefined =>
  firstOf([
    tooMany('pieces', rack.pieces.length),
    tooMany('kits', rack.kits.length),
    ...rack.kits.map((k) => tooMany('kitPieces', Math.max(k.pieceIds.length, k.outside.length), k.name)),
    tooMany('diary', rack.diary.length),
    tooMany('containers', rack.shelf.length),
    ...(['tests', 'series', 'coolings', 'claims'] as const).map((what) => tooMany(what, rack.bench[what].length)),
    ...rack.shelf.map((c) => tooMany('looks', c.looks.length, c.name)),
  ]);

/** And of a library. */
export const tooManyTrips = (count: number): TooMany | undefined => tooMany('trips', count);
