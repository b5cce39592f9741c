import { frontBy, type FoundKit } from '@tinder/core/studies/found';
import { nearest } from '@tinder/core/foundation/numeric';
import { ticks } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';

/** A kit that was found, as a point. */
export interface FinderPoint {
  found: FoundKit;
  x: number;
  y: number;
}
export interface FinderGeometry {
  points: FinderPoint[];
  /** The front in its order: a stretch for each number of hot meals. */
  front: FinderPoint[];
  /** One for each number of hot meals, with it written at the light end where there are several. */
  lines: { path: string; hotADay: number; x: number; y: number }[];
  ticksG: { at: number; x: number }[];
  ticksY: { at: number; y: number }[];
  /** The kit that is carried, where it can be told. */
  own?: { x: number; y: number };
  /** The point of the front that lies nearest to a pixel, along the weight. */
  nearest: (pixel: number) => FinderPoint | undefined;
}

/** Top of an axis on which nothing is worth more. */
const LEAST_TOP = 0.05;

/** Answers by carried weight to the right and what `worthOf` says upwards; a line joins those that nothing with as many hot meals beats. */
export function finderGeometry(
  found: readonly FoundKit[],
  worthOf: (of: FoundKit) => number,
  width: number,
  height: number,
  unitG: number,
  own?: { averageG: number; worth: number },
): FinderGeometry {
  const answers = found.filter((f) => !f.fails);
  const grams = [...answers.map((f) => f.measured.averageG), ...(own ? [own.averageG] : [])];
  const [least, most] = [Math.min(...grams), Math.max(...grams)];
  const room = Math.max(10, (most - least) * 0.05);
  const x = scaleLinear()
    .domain([Math.max(0, least - room) / unitG, (most + room) / unitG])
    .range([0, width]);
  const y = scaleLinear()
    .domain([0, Math.max(LEAST_TOP, ...answers.map(worthOf), own?.worth ?? 0) * 1.06])
    .range([height, 28]);
  const pointOf = (f: FoundKit): FinderPoint => ({ found: f, x: x(f.measured.averageG / unitG), y: y(worthOf(f)) });
  const front = frontBy(answers, worthOf).map(pointOf);
  const byHot = new Map<string, FinderPoint[]>();
  for (const p of front) {
    const hot = p.found.measured.hotADay.toFixed(3);
    byHot.set(hot, [...(byHot.get(hot) ?? []), p]);
  }
  const path = line<FinderPoint>(
    (p) => p.x,
    (p) => p.y,
  );
  const [from, to] = x.domain();
  const [, top] = y.domain();
  return {
    points: answers.map(pointOf),
    front,
    lines: [...byHot.values()].map((points) => ({
      path: path(points) ?? '',
      hotADay: points[0].found.measured.hotADay,
      x: points[0].x,
      y: points[0].y,
    })),
    ...(own ? { own: { x: x(own.averageG / unitG), y: y(own.worth) } } : {}),
    ticksG: ticks(from, to, 6).map((t) => ({ at: t * unitG, x: x(t) })),
    ticksY: ticks(0, top, 5).map((t) => ({ at: t, y: y(t) })),
    nearest: (pixel) => (front.length ? nearest(front, (p) => p.x, pixel) : undefined),
  };
}
