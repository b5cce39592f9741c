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
}

/** Stacked carried weight from a plan, foot at `height`, in grams or in multiples of `unitG` for round ticks. */
export function weightGeometry(plan: Plan, axis: TimeAxis, height: number, unitG: number): WeightGeometry {
  const top = plan.profile.startG / unitG;
  const y = scaleLinear()
    .domain([0, Math.max(top * 1.08, 1)])
    .nice(4)
    .range([height, 14]);
  const days = plan.profile.days;
  const grams: Record<LayerName, (i: number) => number> = {
    hardware: () => plan.hardwareG,
    containers: () => plan.tareG,
    fuel: (i) => Math.max(0, days[i].fuelG),
  };
  const base = days.map(() => 0);
  const layers = (['hardware', 'containers', 'fuel'] as const).map((name): Layer => {
    const low = [...base];
    days.forEach((_, i) => (base[i] += grams[name](i)));
    const path = area<number>()
      .x((_, i) => axis.x(i))
      .y0((_, i) => y(low[i] / unitG))
      .y1((_, i) => y(base[i] / unitG))(base);
    const [from, to] = [y(low[0] / unitG), y(base[0] / unitG)];
    return {
      name,
      path: path ?? '',
      labelY: (from + to) / 2,
      startG: grams[name](0),
      endG: grams[name](days.length - 1),
      height: from - to,
    };
  });
  const total = line<number>()
    .x((_, i) => axis.x(i))
    .y((g) => y(g / unitG))(base);
  return {
    y,
    ticksG: ticks(0, y.domain()[1], 4).map((t) => t * unitG),
    layers,
    total: total ?? '',
    startG: base[0],
    endG: base[base.length - 1],
  };
}
