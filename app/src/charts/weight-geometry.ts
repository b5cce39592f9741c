import { meanOf } from '@tinder/core/foundation/numeric';
import type { Plan } from '@tinder/core/planning/planned';
import type { KitLine } from '@tinder/core/studies/study';
import { ticks } from 'd3-array';
import { scaleLinear, type ScaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { bends, type Point } from './bends';
import type { TimeAxis } from './time-axis';

export type LayerName = 'hardware' | 'containers' | 'reserve' | 'fuel';
export interface Layer {
  name: LayerName;
  path: string;
}
export interface WeightGeometry {
  y: ScaleLinear<number, number>;
  ticksG: number[];
  layers: Layer[];
  total: string;
  startG: number;
  endG: number;
  /** Every leg from a stop that fills up to the next: where it lies, the weight on leaving, and whether that has room to be written. */
  legs: { x: number; width: number; g: number; room: boolean }[];
  /** Water carried to a dry camp, on top of the day's load; cut off at the top of the chart. */
  water: { x: number; width: number; y: number; height: number; massG: number }[];
  /** The other kits, each a line. */
  others: { id: string; name: string; path: string; isMean: boolean }[];
}

const LAYERS: readonly LayerName[] = ['hardware', 'containers', 'reserve', 'fuel'];
/** Width that a weight's label takes, px. */
const LABEL = 52;
/** Of a carry, px: between stops that stand closer a dashed line that goes up and down cannot be read. */
const NARROW = 24;

const path = (points: Point[]): string => line()(points) ?? '';

/** Stacked carried weight over the whole trip, a sawtooth; foot at `height`, in grams or in multiples of `unitG` for round ticks. */
export function weightGeometry(plan: Plan, axis: TimeAxis, height: number, unitG: number, others: readonly KitLine[] = []): WeightGeometry {
  const xs = plan.carries.flatMap((c) => c.profile.days.map((d) => axis.x(d.day - 1)));
  // the upper edge of every layer at those day boundaries; a stop that fills up has two, before and after
  const edges = edgesG(plan);
  const total = edges[edges.length - 1];
  const y = scaleLinear()
    .domain([0, Math.max((Math.max(...total, ...others.flatMap((o) => o.carries.flatMap((c) => c.loadsG))) / unitG) * 1.08, 1)])
    .nice(4)
    .range([height, 14]);
  const lines = edges.map((edge) => bends(edge.map((g, i): Point => [xs[i], y(g / unitG)])));
  const layers = LAYERS.map((name, i): Layer => ({ name, path: `${path([...lines[i + 1], ...lines[i].toReversed()])}Z` }));
  let free = -Infinity;
  const legs = plan.carries.map((c) => {
    const x = axis.x(c.days[0].day - 1);
    const room = x >= free && x < axis.width - LABEL;
    if (room) free = x + LABEL;
    return { x, width: axis.x(c.days[c.days.length - 1].day) - x, g: c.profile.startG, room };
  });
  return {
    y,
    ticksG: ticks(0, y.domain()[1], 4).map((t) => t * unitG),
    layers,
    total: path(lines[lines.length - 1]),
    startG: total[0],
    endG: total[total.length - 1],
    legs,
    water: waterCarried(plan).map(({ day, loadG, massG }) => {
      const foot = y(loadG / unitG);
      const top = Math.max(0, y((loadG + massG) / unitG));
      return { x: axis.x(day - 1), width: axis.x(day) - axis.x(day - 1), y: top, height: foot - top, massG };
    }),
    others: others.map((o) => otherLine(o, axis, (g) => y(g / unitG))),
  };
}

/** What is carried at every day boundary, g, added up: nothing, then with each layer on top of the one before. */
function edgesG(plan: Plan): number[][] {
  const mornings = plan.carries.flatMap((c) => c.profile.days.map(({ fuelG }) => ({ c, fuelG })));
  const layerG: Record<LayerName, (m: (typeof mornings)[number]) => number> = {
    hardware: ({ c }) => c.hardwareG,
    containers: ({ c }) => c.tareG,
    reserve: ({ c, fuelG }) => Math.max(0, Math.min(c.reserveG, fuelG)),
    fuel: ({ c, fuelG }) => Math.max(0, fuelG - c.reserveG),
  };
  const edges = [mornings.map(() => 0)];
  for (const name of LAYERS) {
    const low = edges[edges.length - 1];
    edges.push(mornings.map((m, i) => low[i] + layerG[name](m)));
  }
  return edges;
}

/** The days to a dry camp, with the morning's load, g, and the water on top of it, g. */
function waterCarried(plan: Plan): { day: number; loadG: number; massG: number }[] {
  return plan.carries.flatMap((c) =>
    c.days.flatMap((d, i) => (d.carriedWaterMl > 0 ? [{ day: d.day, loadG: c.profile.days[i].totalG, massG: d.carriedWaterMl }] : [])),
  );
}

/** Another kit's line: morning by morning, or, where that would be too dense to read, through the mean of every carry. */
function otherLine({ id, name, carries }: KitLine, axis: TimeAxis, y: (g: number) => number): WeightGeometry['others'][number] {
  const isMean = axis.width / carries.length < NARROW;
  const points = carries.flatMap(({ firstDay, loadsG }): Point[] => {
    const mornings = loadsG.slice(0, -1);
    if (!isMean) return loadsG.map((g, i): Point => [axis.x(firstDay - 1 + i), y(g)]);
    return [[axis.x(firstDay - 1 + mornings.length / 2), y(meanOf(mornings))]];
  });
  return { id, name, path: path(bends(points)), isMean };
}
