import type { Kit, Leg, Trip } from '../model';

/** A stretch of legs walked with one kit; `toLeg` is one past its last. */
export interface KitRun {
  /** The trip with that kit as its own. */
  trip: Trip;
  fromLeg: number;
  toLeg: number;
}

/** The trip as it is planned on a leg: with the kit that is carried there. */
export function tripOnLeg(trip: Trip, leg: number): Trip {
  const other = trip.legs[leg]?.kit;
  return other ? { ...trip, kit: other.kit, rackKitId: other.rackKitId } : trip;
}

/** The trip cut where another kit takes over. */
export function kitRuns(trip: Trip): KitRun[] {
  const runs: KitRun[] = [];
  trip.legs.forEach((leg, i) => {
    const last = runs.at(-1);
    if (last && sameKit(leg, trip.legs[i - 1]!)) last.toLeg = i + 1;
    else runs.push({ trip: tripOnLeg(trip, i), fromLeg: i, toLeg: i + 1 });
  });
  return runs;
}

const sameKit = (a: Leg, b: Leg): boolean => a.kit?.rackKitId === b.kit?.rackKitId;

/** Changes the kit that is carried on a leg, on every leg that is walked with it. */
export function editKitOnLeg(trip: Trip, leg: number, change: (kit: Kit) => Kit): Trip {
  const other = trip.legs[leg]?.kit;
  if (!other) return { ...trip, kit: change(trip.kit) };
  const kit = change(other.kit);
  return { ...trip, legs: trip.legs.map((l) => (l.kit?.rackKitId === other.rackKitId ? { ...l, kit: { ...l.kit, kit } } : l)) };
}

/** Carries another kit on a leg; undefined gives it back to the trip's own. */
export const withKitOnLeg = (trip: Trip, leg: number, kit: Leg['kit']): Trip => ({
  ...trip,
  legs: trip.legs.map((l, i) => {
    if (i !== leg) return l;
    const { kit: _old, ...rest } = l;
    return kit ? { ...rest, kit } : rest;
  }),
});

/** The trip walked with one kit all the way. */
export const withoutLegKits = (trip: Trip): Trip =>
  trip.legs.some((l) => l.kit) ? { ...trip, legs: trip.legs.map(({ kit: _other, ...leg }) => leg) } : trip;
