import type { FoundKit, Measured } from './found-kit';

/** What an answer is judged by. */
export type Judged = Pick<FoundKit, 'school' | 'number' | 'measured' | 'fails'>;

/** What carried weight is set against. */
export const AXES = ['minutesADay', 'price'] as const;
export type Axis = (typeof AXES)[number];

/** Differences below these count as none: in grams, minutes, money, meals. */
const EPS = 1e-6;

/** An answer by what counts on a front: weight, hot meals, and some third thing that is better where it is less. */
interface Standing {
  averageG: number;
  hotADay: number;
  worth: number;
}
const noWorse = (one: Standing, other: Standing): boolean =>
  one.averageG <= other.averageG + EPS && one.worth <= other.worth + EPS && one.hotADay >= other.hotADay - EPS;

/** Is one as light as another, as good on an axis, with as many hot meals? Then the other is not needed. */
export const isNoWorse = (one: Place, other: Place, axis: Axis): boolean =>
  noWorse({ ...one, worth: one[axis] }, { ...other, worth: other[axis] });
type Place = Pick<Measured, Axis | 'averageG' | 'hotADay'>;

/**
 * Answers that no other one with as many hot meals beats in weight and in what `worthOf` says, which is better where it is less: a front for
 * each number of hot meals, since fewer are always lighter. The most hot meals first, then the lightest; of equals the first.
 */
export function frontBy<T extends Judged>(list: readonly T[], worthOf: (of: T) => number): T[] {
  const stand = (f: T): Standing => ({ averageG: f.measured.averageG, hotADay: f.measured.hotADay, worth: worthOf(f) });
  const inOrder = list.filter((f) => !f.fails).map((f) => ({ f, at: stand(f) }));
  inOrder.sort((a, b) => {
    if (Math.abs(a.at.hotADay - b.at.hotADay) > EPS) return b.at.hotADay - a.at.hotADay;
    if (Math.abs(a.at.averageG - b.at.averageG) > EPS) return a.at.averageG - b.at.averageG;
    return Math.abs(a.at.worth - b.at.worth) > EPS ? a.at.worth - b.at.worth : a.f.number - b.f.number;
  });
  const front: typeof inOrder = [];
  for (const one of inOrder) if (!front.some((k) => noWorse(k.at, one.at))) front.push(one);
  return front.map((one) => one.f);
}
export const frontOf = <T extends Judged>(list: readonly T[], axis: Axis): T[] => frontBy(list, (f) => f.measured[axis]);

/** Of each school its best answer: as many hot meals as it can, then the lightest; where it has none, what comes nearest to one, with why not. The best school first. */
export function bestOfSchools<T extends Judged>(list: readonly T[]): T[] {
  const best = new Map<Judged['school'], T>();
  for (const f of list) {
    const now = best.get(f.school);
    if (!now || isBetter(f, now)) best.set(f.school, f);
  }
  return [...best.values()].sort((a, b) => (isBetter(a, b) ? -1 : 1));
}

function isBetter(a: Judged, b: Judged): boolean {
  const [failsA, failsB] = [a.fails?.meals ?? 0, b.fails?.meals ?? 0];
  if (failsA !== failsB) return failsA < failsB;
  if (Math.abs(a.measured.hotADay - b.measured.hotADay) > EPS) return a.measured.hotADay > b.measured.hotADay;
  if (Math.abs(a.measured.averageG - b.measured.averageG) > EPS) return a.measured.averageG < b.measured.averageG;
  return a.number < b.number;
}

/** What is on some front or the best of a school; the rest can be forgotten. */
export function worthKeeping<T extends Judged>(list: readonly T[]): T[] {
  const kept = new Set([...bestOfSchools(list), ...AXES.flatMap((axis) => frontOf(list, axis))]);
  return list.filter((f) => kept.has(f));
}
