import type { Rack, Trip } from '../../domain/model';
import { hardwareMassG, planCache, type PlanCache } from '../../planning/plan';
import { candidates, type Candidate } from './candidates';
import { found, type Found } from './found';
import { AXES, isNoWorse, type Measured, type School, SCHOOLS, type Wish, worthKeeping } from '../found';
import { leastOf, type Least } from './least';

/** Part of the search: several workers take every so-manieth candidate each. */
export interface Share {
  index: number;
  of: number;
}

/** A search for kits that can be gone on with bit by bit. */
export interface KitSearch {
  /** Kits in the whole question. */
  total: number;
  /** Takes a small step: a kit planned or a few bounds; what was found in it. */
  step: () => Found[];
  /** Told of what others have found: what cannot beat it need not be planned. */
  learn: (found: readonly Bar[]) => void;
  /** Kits that are settled: planned, or beaten without planning. */
  settled: () => number;
  planned: () => number;
  isDone: () => boolean;
}

/** What of an answer others have to beat. */
export interface Bar {
  school: School;
  measured: Measured;
}

/** Bounds made in one step. */
const BOUNDS_A_STEP = 12;
const EPS = 1e-6;

interface Bounded {
  number: number;
  candidate: Candidate;
  least: Least;
}

/**
 * Looks for the best kits on a trip out of all within a wish: those that no other one beats in carried weight and minutes, price or hot meals,
 * and the lightest of each school. One of each school is planned first, so that there is something to see; then every kit is bounded from
 * below, and planned in the order of its least weight unless something planned already beats its bound. Nothing is lost by that: the
 * fronts are those of planning every single one. The same question gives the same answer, however it is shared out.
 */
export function kitSearch(
  rack: Rack,
  trip: Trip,
  wish: Wish,
  { index, of }: Share = { index: 0, of: 1 },
  cache: PlanCache = planCache(),
): KitSearch {
  const all = [...candidates(rack, trip, wish)];
  const mine = all.flatMap((candidate, number) => (number % of === index ? [{ candidate, number }] : []));
  const scouts = scoutsOf(mine);
  const unbounded = mine.filter((m) => !scouts.includes(m));
  const bars: Bar[] = [];
  let queue: Bounded[] | undefined;
  const bounded: Bounded[] = [];
  const hopeless: Bounded[] = [];
  let settled = 0;
  let planned = 0;

  const plan = (candidate: Candidate, number: number): Found[] => {
    const f = found(candidate, number, cache);
    settled++;
    planned++;
    if (isTooSlow(f.measured, wish)) return [];
    if (!f.fails) bars.push(f);
    return [f];
  };
  const bound = (): void => {
    for (const { candidate, number } of unbounded.splice(0, BOUNDS_A_STEP)) {
      const b = { candidate, number, least: leastOf(candidate, cache) };
      if (isTooSlow(b.least, wish)) settled++;
      else if (b.least.coldMeals > 0) hopeless.push(b);
      else bounded.push(b);
    }
  };
  const next = (): Found[] => {
    queue ??= bounded.sort((a, b) => a.least.averageG - b.least.averageG || a.number - b.number);
    for (let b = queue.shift(); b; b = queue.shift()) {
      if (mayBe(b, bars)) return plan(b.candidate, b.number);
      settled++;
    }
    // of a school without an answer what comes nearest is planned, so that it can be said why
    const nearest = hopeless.splice(0).sort(byColdMeals);
    return SCHOOLS.flatMap((school) => {
      const of = nearest.filter((b) => b.candidate.school === school);
      const hasAnswer = bars.some((b) => b.school === school);
      settled += hasAnswer ? of.length : Math.max(0, of.length - 1);
      return of.length && !hasAnswer ? plan(of[0]!.candidate, of[0]!.number) : [];
    });
  };
  return {
    total: all.length,
    step: () => {
      const scout = scouts.shift();
      if (scout) return plan(scout.candidate, scout.number);
      if (unbounded.length) return (bound(), []);
      return next();
    },
    learn: (others) => bars.push(...others),
    settled: () => settled,
    planned: () => planned,
    isDone: () => !scouts.length && !unbounded.length && queue?.length === 0 && !hopeless.length,
  };
}

/** Of each school the lightest hardware, out of the wind where it can be: it is planned before anything is known. */
function scoutsOf<T extends { candidate: Candidate }>(list: readonly T[]): T[] {
  return SCHOOLS.flatMap((school) => {
    const of = list.filter((m) => m.candidate.school === school);
    const screened = of.filter((m) => m.candidate.trip.kit.windscreen !== 'none');
    const [first] = (screened.length ? screened : of).sort((a, b) => hardwareMassG(a.candidate.trip) - hardwareMassG(b.candidate.trip));
    return first ? [first] : [];
  });
}

const isTooSlow = ({ minutesADay }: Pick<Measured, 'minutesADay'>, { mostMinutesADay }: Wish): boolean =>
  mostMinutesADay !== undefined && minutesADay > mostMinutesADay + EPS;

const byColdMeals = (a: Bounded, b: Bounded): number =>
  a.least.coldMeals - b.least.coldMeals || a.least.averageG - b.least.averageG || a.number - b.number;

/** Could it still be the best of its school, or on a front? */
function mayBe({ candidate: { school, price }, least }: Bounded, bars: readonly Bar[]): boolean {
  const atBest = { ...least, price };
  const beaten = AXES.map(() => false);
  let isBest = true;
  for (const { school: other, measured } of bars) {
    AXES.forEach((axis, i) => (beaten[i] ||= isNoWorse(measured, atBest, axis)));
    if (other === school && measured.hotADay >= least.hotADay && measured.averageG <= least.averageG) isBest = false;
    if (!isBest && beaten.every(Boolean)) return false;
  }
  return true;
}

export interface Finding {
  /** Answers that lie on some front, or are the lightest of their school; and of schools without one what comes nearest. */
  found: Found[];
  total: number;
  planned: number;
}

/** The whole search at once. */
export function findKits(rack: Rack, trip: Trip, wish: Wish): Finding {
  const search = kitSearch(rack, trip, wish);
  const list: Found[] = [];
  while (!search.isDone()) list.push(...search.step());
  return { found: worthKeeping(list), total: search.total, planned: search.planned() };
}
