import type { CountedBy } from '@tinder/core/planning/load-out';
import type { KitLine } from '@tinder/core/studies/study';
import { ticks } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { spreadUp } from './label-spread';

export interface CrossingsGeometry {
  x: (days: number) => number;
  /** Length under a pixel, whole days. */
  daysAt: (pixel: number) => number;
  y: (massG: number) => number;
  ticksG: number[];
  lines: { id: string; name: string; path: string; labelY: number; endY: number }[];
}

const LINE = 14;

/** Carried weight over the days between two stops, one line a kit; names stand right of `width`, moved apart. */
export function crossingsGeometry(
  kits: readonly KitLine[],
  by: CountedBy,
  width: number,
  height: number,
  unitG: number,
): CrossingsGeometry {
  const longest = kits[0]?.[by].length ?? 1;
  const x = scaleLinear().domain([1, longest]).range([0, width]);
  const most = Math.max(1, ...kits.flatMap((k) => k[by]));
  const scale = scaleLinear()
    .domain([0, (most / unitG) * 1.03])
    .range([height, 8]);
  const y = (massG: number): number => scale(massG / unitG);
  const drawn = kits
    .map((k) => ({
      id: k.id,
      name: k.name,
      path: line<number>((_, i) => x(i + 1), y)(k[by]) ?? '',
      endY: y(k[by][longest - 1]),
    }))
    .map((d) => ({ ...d, labelY: d.endY + 4 }));
  return {
    x,
    daysAt: (pixel) => Math.min(longest, Math.max(1, Math.round(x.invert(pixel)))),
    y,
    ticksG: ticks(0, scale.domain()[1], 5).map((t) => t * unitG),
    lines: spreadUp(drawn, LINE),
  };
}
