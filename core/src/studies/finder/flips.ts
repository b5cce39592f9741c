import { planCache, type PlanCache } from '../../planning/plan';
import { everyMeal } from '../../domain/menu';
import { clamp, LIMITS, type Day, type Trip } from '../../domain/model';
import { bisect } from '../../foundation/numeric';
import { colderBy, windBy } from '../study';
import type { Candidate } from './candidates';
import { onTrip } from './found';

/** What can be changed until another kit is the better one: kelvins of cold, and factors on wind, water and the days between stops. */
export const FLIP_KINDS = ['cold', 'wind', 'water', 'days'] as const;
export type FlipKind = (typeof FLIP_KINDS)[number];

/** The nearest change of one kind that makes the other kit the better one. */
export interface Flip {
  kind: FlipKind;
  /** Kelvins colder (negative: warmer), or so many times as much. */
  by: number;
}

/** How far is looked, from the nearest on: what walkers meet. */
const LOOKED_AT: Record<FlipKind, readonly (readonly number[])[]> = {
  cold: [
    [4, 8, 14, 20],
    [-4, -8, -14],
  ],
  wind: [
    [1.4, 2, 3],
    [0.6, 0.3, 0],
  ],
  water: [
    [1.3, 1.7, 2.2],
    [0.75, 0.5, 0.3],
  ],
  days: [
    [1.5, 2, 3, 4],
    [0.67, 0.4, 0.2],
  ],
};
const AS_IT_IS: Record<FlipKind, number> = { cold: 0, wind: 1, water: 1, days: 1 };
const HALVINGS = 4;

/** Of each kind the nearest change, if any, at which `other` is an answer and lighter than `best`, or `best` is none any more. */
export function flipsOf(best: Pick<Candidate, 'trip'>, other: Pick<Candidate, 'trip'>, cache: PlanCache = planCache()): Flip[] {
  return FLIP_KINDS.flatMap((kind) => {
    const isStill = (by: number): boolean => !isLighter(changed(other.trip, kind, by), changed(best.trip, kind, by), cache);
    const near = LOOKED_AT[kind].flatMap((way): number[] => {
      let last = AS_IT_IS[kind];
      for (const by of way) {
        if (!isStill(by)) return [bisect(last, by, isStill, HALVINGS).high];
        last = by;
      }
      return [];
    });
    const far = (by: number): number => (kind === 'cold' ? Math.abs(by) : Math.abs(Math.log(Math.max(0.01, by))));
    const [by] = near.sort((a, b) => far(a) - far(b));
    return by === undefined ? [] : [{ kind, by }];
  });
}

/** Is a kit an answer there, and lighter than the other, or the only one? */
function isLighter(trip: Trip, than: Trip, cache: PlanCache): boolean {
  const [a, b] = [onTrip(trip, 0, cache), onTrip(than, 0, cache)];
  if (a.fails) return false;
  return b.fails !== undefined || a.measured.averageG < b.measured.averageG;
}

/** The trip with more of something, within what a trip may hold. */
export function changed(trip: Trip, kind: FlipKind, by: number): Trip {
  switch (kind) {
    case 'cold':
      return colderBy(trip, by);
    case 'wind':
      return windBy(trip, by);
    case 'water':
      return everyMeal(trip, (m) => ({ ...m, waterMl: clamp(m.waterMl * by, LIMITS.waterMl) }));
    case 'days':
      return { ...trip, legs: trip.legs.map((l) => ({ ...l, days: stretched(l.days, by) })) };
  }
}

/** So many times as many days of the same kind, at least one. */
function stretched(days: readonly Day[], by: number): Day[] {
  const count = Math.max(1, Math.round(days.length * by));
  return Array.from({ length: count }, (_, i) => days[Math.min(days.length - 1, Math.floor((i * days.length) / count))]!);
}
