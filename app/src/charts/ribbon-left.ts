import type { Plan } from '@tinder/core/planning/planned';
import { area, line } from 'd3-shape';
import { scaleLinear } from 'd3-scale';
import type { RibbonRows } from './ribbon-geometry';
import type { TimeAxis } from './time-axis';

/** What is really left, or will be, at the end of a day, g. */
export interface LeftPoint {
  /** Ends of days: 0 is the start. */
  boundary: number;
  leftG: number;
  sdG: number;
}
/** Half of a band that holds nine of ten. */
export const Z90 = 1.645;

/** What is really left, drawn over the planned taper in its measure: a line and its band. */
export function leftShapes(points: readonly LeftPoint[], plan: Plan, axis: TimeAxis, rows: RibbonRows): { line: string; band: string } {
  const mostG = Math.max(1, ...plan.carries.map((c) => c.fuelG));
  const y = scaleLinear([0, mostG], [rows.taperTop, rows.taperTop + rows.taperMax]).clamp(true);
  const x = (p: LeftPoint): number => axis.x(p.boundary);
  return {
    line: line<LeftPoint>(x, (p) => y(p.leftG))([...points]) ?? '',
    band:
      area<LeftPoint>(
        x,
        (p) => y(p.leftG - Z90 * p.sdG),
        (p) => y(p.leftG + Z90 * p.sdG),
      )([...points]) ?? '',
  };
}
