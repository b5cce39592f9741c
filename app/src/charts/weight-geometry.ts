import type { Plan } from '@tinder/core';
import { ticks } from 'd3-array';
import { scaleLinear, type ScaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import type { TimeAxis } from './time-axis';

export type LayerName = 'hardware' | 'containers' | 'fuel';
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
}

/** A day boundary with what is carried there; a stop that fills up has two, before and after. */
interface Carried {
  x: number;
  grams: Record<LayerName, number>;
}
/** Width that a weight's label takes, px. */
const LABEL = 52;

/** Stacked carried weight over the whole trip, a sawtooth; foot at `height`, in grams or in multiples of `unitG` for round ticks. */
export function weightGeometry(plan: Plan, axis: TimeAxis, height: number, unitG: number): WeightGeometry {
  const points = plan.carries.flatMap((c) =>
    c.profile.days.map((d): Carried => ({
      x: axis.x(d.day - 1),
      grams: { hardware: c.hardwareG, containers: c.tareG, fuel: Math.max(0, d.fuelG) },
    })),
  );
  const sums = points.map((p) => p.grams.hardware + p.grams.containers + p.grams.fuel);
  const y = scaleLinear()
    .domain([0, Math.max((Math.max(...sums) / unitG) * 1.08, 1)])
    .nice(4)
    .range([height, 14]);
  const base = points.map(() => 0);
  const layers = (['hardware', 'containers', 'fuel'] as const).map((name): Layer => {
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
  };
}
