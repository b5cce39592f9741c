import { DEMO_TRIP } from '@tinder/core/demo';
import { planTrip } from '@tinder/core/planning/plan';
import { edited } from './edits';
import { quantile } from './numbers';

/** Measurements taken, for whatever: none has another's number, so that none is of what was worked out before. */
let taken = 0;

/** So many measurements, one after the other. */
export async function samples<T>(count: number, measure: (run: number) => T | Promise<T>): Promise<T[]> {
  const list: T[] = [];
  for (let i = 0; i < count; i++) list.push(await measure(taken++));
  return list;
}

/** The median of so many times, ms. */
export const medianOf = async (count: number, measureMs: (run: number) => number | Promise<number>): Promise<number> =>
  quantile(await samples(count, measureMs), 0.5);

/** An engine compiles what has run a few hundred times: before that it is slow, and what it does then is not what is measured. */
export const WARMING_EDITS = 400;

/** Plans until the engine has compiled what plans. */
export const warmUp = (): Promise<unknown> => samples(WARMING_EDITS, (run) => planTrip(edited(DEMO_TRIP, run)));
