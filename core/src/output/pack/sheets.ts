import type { Container } from '../../domain/carry';
import { foodOf } from '../../domain/menu';
import type { Trip } from '../../domain/model';
import type { CarryPlan, Plan } from '../../planning/planned';
import { dateOfDay, type Supply } from '../../domain/trail';

/** What to do at a stop, or at home before the first: what is taken, bought and left, when it is reached, and by when a box is posted. */
export interface StopSheet {
  stopId: string;
  stop: string;
  /** Day of the trip and of the calendar on which it is left. */
  day: number;
  date: string;
  supply: Supply;
  taken: readonly Container[];
  bought: readonly Container[];
  left: readonly Container[];
  arrivedWith: readonly Container[];
  price: number;
  openNote: string;
  postBy: string | null;
  boxNote: string;
  bin: boolean;
  foodG: number;
  packets: { name: string; count: number }[];
  to: string;
  days: number;
}

/** A sheet for every stop that fills up. */
export const stopSheets = (trip: Trip, plan: Plan): StopSheet[] => plan.carries.map((c) => sheetOf(trip, c));

function sheetOf(trip: Trip, c: CarryPlan): StopSheet {
  const stop = trip.stops[c.fromStop]!;
  const { day } = c.days[0]!;
  const { foodG, packets } = foodOf(trip, c.days);
  return {
    stopId: c.fromStopId,
    stop: c.from,
    day,
    date: dateOfDay(trip.startDate, day),
    supply: c.supply,
    taken: c.taken,
    bought: c.bought,
    left: c.left,
    arrivedWith: c.arrivedWith,
    price: c.price,
    openNote: stop.openNote,
    postBy: stop.box?.postBy ?? null,
    boxNote: stop.box?.note ?? '',
    bin: stop.bin,
    foodG,
    packets,
    to: c.to,
    days: c.days.length,
  };
}

/** Water that is carried to a dry camp, and what treats it. */
export interface DryCamp {
  day: number;
  date: string;
  waterMl: number;
}
export const dryCamps = (trip: Trip, plan: Plan): DryCamp[] =>
  plan.days
    .filter((d) => d.carriedWaterMl > 0)
    .map((d) => ({ day: d.day, date: dateOfDay(trip.startDate, d.day), waterMl: d.carriedWaterMl }));
