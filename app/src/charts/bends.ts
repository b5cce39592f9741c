/** A point on a drawing, px. */
export type Point = [x: number, y: number];

/** What a line may run beside a point that is left out, px: so little that what adds up over a few weeks is not seen either. */
const UNSEEN_PX = 0.01;

/**
 * The points where a line bends: one that lies on the straight from the last that was kept to the next is left out, within what is seen. For lines that
 * run from left to right; a step up or down is kept.
 */
export function bends(points: readonly Point[]): Point[] {
  const kept: Point[] = [];
  points.forEach((p, i) => {
    const [before, next] = [kept.at(-1), points.at(i + 1)];
    if (!before || !next || isOff(p, before, next)) kept.push(p);
  });
  return kept;
}

function isOff([x, y]: Point, from: Point, to: Point): boolean {
  const width = to[0] - from[0];
  return width <= 0 || Math.abs(from[1] + ((to[1] - from[1]) * (x - from[0])) / width - y) > UNSEEN_PX;
}
