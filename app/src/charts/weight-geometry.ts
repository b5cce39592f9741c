import type { Plan } from '@tinder/core/planned';
import type { KitLine } from '@tinder/core/study';
import { ticks } from 'd3-array';
import { scaleLinear, type ScaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import type { TimeAxis } from './time-axis';

export type LayerName = 'hardware' | 'containers' | 'reserve' | 'fuel';
export interface Layer {
  name: LayerName;
  path: string;
  /** Middle of the layer at the axis' left end, and its grams there. */
  labelY: number;
  startG: number;
  endG: number;
  /** Height at the left end, px: labels need room. */
  height: number;
}
export interface WeightGeometry {
  y: ScaleLinear<number, number>;
  ticksG: number[];
  layers: Layer[];
  total: string;
  startG: number;
  endG: number;
  /** Weight on leaving each stop that fills up, with where its label stands. */
  starts: { x: number; g: number; room: boolean }[];
  /** Water carried to a dry camp, on top of the day's load; cut off at the top of the chart. */
  water: { x: number; width: number; y: number; height: number; massG: number }[];
  /** The other kits, each a line. */
  others: { id: string; name: string; path: string }[];
}

/** A day boundary with what is carried there; a stop that fills up has two, before and after. */
interface Carried {
  x: number;
  grams: Record<LayerName, number>;
}
const LAYERS: readonly LayerName[] = ['hardware', 'containers', 'reserve', 'fuel'];
/** Width that a weight's label takes, px. */
const LABEL = 52;

/** Stacked carried weight over the whole trip, a sawtooth; foot at `height`, in grams or in multiples of `unitG` for round ticks. */
export function weightGeometry(plan: Plan, axis: TimeAxis, height: number, unitG: number, others: readonly KitLine[] = []): WeightGeometry {
  const points = plan.carries.flatMap((c) =>
    c.profile.days.map((d): Carried => ({
      x: axis.x(d.day - 1),
      grams: {
        hardware: c.hardwareG,
        containers: c.tareG,
        reserve: Math.max(0, Math.min(c.reserveG, d.fuelG)),
        fuel: Math.max(0, d.fuelG - c.reserveG),
      },
    })),
  );
  const sums = points.map((p) => LAYERS.reduce((sum, name) => sum + p.grams[name], 0));
  const y = scaleLinear()
    .domain([0, Math.max((Math.max(...sums, ...others.flatMap((o) => o.carries.flatMap((c) => c.loadsG))) / unitG) * 1.08, 1)])
    .nice(4)
    .range([height, 14]);
  const base = points.map(() => 0);
  const layers = LAYERS.map((name): Layer => {
    const low = [...base];
    points.forEach((p, i) => (base[i] += p.grams[name]));
    const path = area<number>()
      .x((_, i) => points[i].x)
      .y0((_, i) => y(low[i] / unitG))
      .y1((_, i) => y(base[i] / unitG))(base);
    const [from, to] = [y(low[0] / unitG), y(base[0] / unitG)];
    return {
      name,
      path: path ?? '',
      labelY: (from + to) / 2,
      startG: points[0].grams[name],
      endG: points[points.length - 1].grams[name],
      height: from - to,
    };
  });
  const total = line<number>()
    .x((_, i) => points[i].x)
    .y((g) => y(g / unitG))(base);
  let free = -Infinity;
  const starts = plan.carries.map((c) => {
    const x = axis.x(c.days[0].day - 1);
    const room = x >= free && x < axis.width - 2 * LABEL;
    if (room) free = x + LABEL;
    return { x, g: c.profile.startG, room };
  });
  return {
    y,
    ticksG: ticks(0, y.domain()[1], 4).map((t) => t * unitG),
    layers,
    total: total ?? '',
    startG: base[0],
    endG: base[base.length - 1],
    starts,
    water: plan.days.flatMap((d) => {
      if (d.carriedWaterMl <= 0) return [];
      const load = plan.carries.flatMap((c) => c.profile.days.filter((p, i) => p.day === d.day && c.days[i]))[0];
      const foot = y((load?.totalG ?? 0) / unitG);
      const top = Math.max(0, y(((load?.totalG ?? 0) + d.carriedWaterMl) / unitG));
      return [{ x: axis.x(d.day - 1), width: axis.x(d.day) - axis.x(d.day - 1), y: top, height: foot - top, massG: d.carriedWaterMl }];
    }),
    others: others.map((o) => otherLine(o, axis, (g) => y(g / unitG))),
  };
}

function otherLine({ id, name, carries }: KitLine, axis: TimeAxis, y: (g: number) => number): WeightGeometry['others'][number] {
  const points = carries.flatMap((c) => c.loadsG.map((g, i): [number, number] => [axis.x(c.firstDay - 1 + i), y(g)]));
  return { id, name, path: line<[number, number]>()(points) ?? '' };
}
