import { nearest } from '@tinder/core/foundation/numeric';
import { RAREST_CHANCE } from '@tinder/core/planning/risk';
import type { BalancePoint } from '@tinder/core/studies/study';
import { ticks } from 'd3-array';
import { scaleLinear, scaleLog } from 'd3-scale';
import { line } from 'd3-shape';
import { spreadUp } from './label-spread';

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
  /** One name a kit, at its lightest point. */
  names: { name: string; x: number; labelY: number; anchor: 'start' | 'end' }[];
  /** Foot of the words on the limit's line, moved up where a name would lie on them. */
  limitLabelY: number;
  /** The mark of the front that lies nearest to a pixel. */
  nearest: (pixel: number) => BalanceMark | undefined;
}

/** Room for a name right of its point; nearer to the edge it stands on the left. */
const NAME_WIDTH = 160;
const LINE = 14;
/** A letter of a name is so wide and high, what hangs below its line so deep, and a point so large to each side of its middle, px. */
const LETTER = { width: 6.5, height: 11, depth: 3 };
const POINT = 4;
/** Stands for the limit among the names that are moved apart; no kit is called so. */
const LIMIT = '';

/** Carried weight to the right, the chance of running out upwards on a logarithmic scale; what is rarer than can be told lies on the floor. */
export function balanceGeometry(
  marks: readonly BalanceMark[],
  front: readonly BalanceMark[],
  width: number,
  height: number,
  unitG: number,
  limit: number,
): BalanceGeometry {
  const grams = marks.map((m) => m.averageG);
  const [least, most] = [Math.min(...grams), Math.max(...grams)];
  const room = Math.max(20, (most - least) * 0.08);
  const scaleX = scaleLinear()
    .domain([Math.max(0, least - room) / unitG, (most + room) / unitG])
    .range([0, width]);
  const scaleY = scaleLog()
    .domain([RAREST_CHANCE / 1.6, 1])
    .range([height, 10]);
  const x = (massG: number): number => scaleX(massG / unitG);
  const y = (chance: number): number => scaleY(Math.max(RAREST_CHANCE / 1.25, chance));
  const [from, to] = scaleX.domain();
  const limitLabel = { name: LIMIT, x: 4, labelY: y(limit) - 5, anchor: 'start' as const };
  const labels = spreadUp([...kitNames(marks, x, y, width), limitLabel], LINE);
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
    names: labels.filter((l) => l.name !== LIMIT),
    limitLabelY: labels.find((l) => l.name === LIMIT)?.labelY ?? limitLabel.labelY,
    nearest: (pixel) => (front.length ? nearest(front, (m) => x(m.averageG), pixel) : undefined),
  };
}

function kitNames(
  marks: readonly BalanceMark[],
  x: (massG: number) => number,
  y: (chance: number) => number,
  width: number,
): BalanceGeometry['names'] {
  const lightest = new Map<string, BalanceMark>();
  for (const m of marks) if (!lightest.has(m.kitId)) lightest.set(m.kitId, m);
  const points = marks.map((m) => ({ x: x(m.averageG), y: y(m.worst) }));
  return [...lightest.values()].map((m) => {
    const at = x(m.averageG);
    const left = at > width - NAME_WIDTH;
    const from = left ? at - 7 - m.name.length * LETTER.width : at + 7;
    const labelY = clearOf(points, from, from + m.name.length * LETTER.width, y(m.worst) - 9);
    return { name: m.name, x: left ? at - 7 : at + 7, labelY, anchor: left ? ('end' as const) : ('start' as const) };
  });
}

/** The foot of words from one place to another, moved up from `labelY` until they lie on no point. */
function clearOf(points: readonly { x: number; y: number }[], from: number, to: number, labelY: number): number {
  const under = points.find(
    (p) => p.x > from - POINT && p.x < to + POINT && p.y > labelY - LETTER.height - POINT && p.y < labelY + LETTER.depth + POINT,
  );
  return under ? clearOf(points, from, to, under.y - POINT - LETTER.depth - 1) : labelY;
}
