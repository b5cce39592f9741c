import type { ColdView } from '@tinder/core/studies/study';
import { scaleLinear } from 'd3-scale';

export interface ColdGeometry {
  x: (airC: number) => number;
  y: (fraction: number) => number;
  /** Areas of the cold map from strong to nothing, each drawn over the one before. */
  bands: { name: 'strong' | 'reduced' | 'weak' | 'wontRun'; path: string }[];
  ticksC: number[];
}

const LEAST = { strong: 0.6, reduced: 0.25, weak: 0.05 };

/** Air temperature in °C at which a row of strengths passes `least`, between two cells by interpolation. */
export function crossingC(airC: readonly number[], row: readonly number[], least: number): number {
  const i = row.findIndex((s) => s >= least);
  if (i === -1) return airC[airC.length - 1];
  if (i === 0) return airC[0];
  const part = (least - row[i - 1]) / (row[i] - row[i - 1]);
  return airC[i - 1] + part * (airC[i] - airC[i - 1]);
}

/** Shapes of the cold map in `width` × `height`. */
export function coldGeometry(view: ColdView, width: number, height: number): ColdGeometry {
  const x = scaleLinear()
    .domain([view.airC[0], view.airC[view.airC.length - 1]])
    .range([0, width]);
  const y = scaleLinear().domain([0, 1]).range([height, 0]);
  const leftOf = (least: number): string => {
    const edge = view.strength.map((row, i) => `${x(crossingC(view.airC, row, least)).toFixed(1)},${y(view.fractions[i]).toFixed(1)}`);
    const last = edge[edge.length - 1].split(',')[0];
    return `M0,${height} L${edge[0].split(',')[0]},${height} L${edge.join(' L')} L${last},0 L0,0Z`;
  };
  return {
    x,
    y,
    bands: [
      { name: 'strong', path: `M0,0 H${width} V${height} H0Z` },
      { name: 'reduced', path: leftOf(LEAST.strong) },
      { name: 'weak', path: leftOf(LEAST.reduced) },
      { name: 'wontRun', path: leftOf(LEAST.weak) },
    ],
    ticksC: [-30, -20, -10, 0, 10, 20].filter((t) => t >= view.airC[0] && t <= view.airC[view.airC.length - 1]),
  };
}
