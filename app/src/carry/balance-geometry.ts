import type { BalancePoint } from '@tinder/core';
import { ticks } from 'd3-array';
import { scaleLinear, scaleLog } from 'd3-scale';
import { line } from 'd3-shape';

/** A way to carry a kit, as it stands on the chart. */
export interface BalanceMark extends BalancePoint {
  kitId: string;
  name: string;
}
export interface BalanceGeometry {
  x: (massG: number) => number;
  y: (chance: number) => number;
  ticksG: number[];
  chances: number[];
  front: string;
}

/** Chances below this cannot be told from none by the trips drawn. */
export const RAREST = 1 / 1000;

/** Carried weight to the right, the chance of running out upwards on a logarithmic scale; what is rarer than can be told lies on the floor. */
export function balanceGeometry(
  marks: readonly BalanceMark[],
  front: readonly BalanceMark[],
  width: number,
  height: number,
  unitG: number,
): BalanceGeometry {
  const grams = marks.map((m) => m.averageG);
  const [least, most] = [Math.min(...grams), Math.max(...grams)];
  const room = Math.max(20, (most - least) * 0.08);
  const scaleX = scaleLinear()
    .domain([Math.max(0, least - room) / unitG, (most + room) / unitG])
    .range([0, width]);
  const scaleY = scaleLog()
    .domain([RAREST / 1.6, 1])
    .range([height, 10]);
  const x = (massG: number): number => scaleX(massG / unitG);
  const y = (chance: number): number => scaleY(Math.max(RAREST / 1.25, chance));
  const [from, to] = scaleX.domain();
  return {
    x,
    y,
    ticksG: ticks(from, to, 6).map((t) => t * unitG),
    chances: [1, 0.5, 0.1, 0.02, 0.005, 0.001],
    front:
      line<BalanceMark>(
        (m) => x(m.averageG),
        (m) => y(m.worst),
      )([...front]) ?? '',
  };
}
