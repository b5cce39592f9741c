import {
  candidatesAt,
  chanceOfRunningOut,
  flipsOf,
  found,
  kitSearch,
  legMixes,
  compareWithDoubt,
  withoutTrip,
  type Bar,
  type Flip,
  type Found,
  type KitSearch,
  type LegMix,
  type Share,
  type Told,
} from '@tinder/core/studies/finder';
import { type FoundKit, type Wish } from '@tinder/core/studies/found';
import type { Rack, Trip } from '@tinder/core/domain/model';
import type { Mishaps } from '@tinder/core/planning/risk';
import type { StudySetting, Subject } from '../subject';

/** What a stretch of the search has come to. */
export interface FindSlice {
  found: FoundKit[];
  total: number;
  settled: number;
  planned: number;
  isDone: boolean;
}
/** So long is searched before the worker listens again, ms: other studies wait no longer, and a search that nobody wants any more ends. */
const SLICE_MS = 120;

type About = Pick<Subject, 'rack' | 'trip'>;

/** Searches that are gone on with, by the trip they are about. */
const searches = new WeakMap<Trip, Map<string, { rack: Rack; search: KitSearch }>>();

/** Goes on with a search for a little while, or begins it; `learnt` is what others have found since. */
export function find(
  { rack, trip }: About,
  asked: { wish: Wish; share: Share; begins: boolean; learnt: readonly Bar[] },
  { cache }: StudySetting,
): FindSlice {
  const { wish, share, begins, learnt } = asked;
  const key = JSON.stringify({ wish, share });
  const known = searches.get(trip) ?? new Map<string, { rack: Rack; search: KitSearch }>();
  searches.set(trip, known);
  let now = known.get(key);
  if (!now || now.rack !== rack || begins) {
    now = { rack, search: kitSearch(rack, trip, wish, share, cache) };
    known.set(key, now);
  }
  const { search } = now;
  search.learn(learnt);
  const list: Found[] = [];
  const until = performance.now() + SLICE_MS;
  while (!search.isDone() && performance.now() < until) list.push(...search.step());
  if (search.isDone()) known.delete(key);
  return {
    found: list.map(withoutTrip),
    total: search.total,
    settled: search.settled(),
    planned: search.planned(),
    isDone: search.isDone(),
  };
}

const planned = ({ rack, trip }: About, wish: Wish, numbers: readonly number[], { cache }: StudySetting): Found[] =>
  candidatesAt(rack, trip, wish, numbers).map(({ number, candidate }) => found(candidate, number, cache));

/** How another answer stands to the best: whether they are told apart, and what would make it the better one. */
export function findAgainst(
  about: About,
  { wish, best, other }: { wish: Wish; best: number; other: number },
  setting: StudySetting,
): { told: Told | undefined; flips: Flip[] } {
  const [a, b] = planned(about, wish, [best, other], setting);
  return { told: a.fails || b.fails ? undefined : compareWithDoubt(a, b, setting.cache), flips: flipsOf(a, b, setting.cache) };
}

/** Chances that some answers run out, 0–1, in their order. */
export const findRisks = (
  about: About,
  { wish, numbers, mishaps }: { wish: Wish; numbers: readonly number[]; mishaps: Mishaps },
  setting: StudySetting,
): number[] =>
  planned(about, wish, numbers, setting).map((f) => chanceOfRunningOut(f, mishaps, { trips: setting.tripsDrawn, cache: setting.cache }));

/** Different kits on different legs, out of some. */
export const findMixes = (
  about: About,
  { wish, numbers }: { wish: Wish; numbers: readonly number[] },
  setting: StudySetting,
): Omit<LegMix, 'trip'>[] => legMixes(planned(about, wish, numbers, setting), setting.cache).map(({ trip: _trip, ...mix }) => mix);
