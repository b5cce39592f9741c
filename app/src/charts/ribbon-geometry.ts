import type { Plan } from '@tinder/core';
import { scaleLinear } from 'd3-scale';
import { area, curveMonotoneX, line } from 'd3-shape';
import type { TimeAxis } from './time-axis';

/** Rows of the ribbon in pixels from its top. */
export const RIBBON = {
  nightTop: 53,
  nightHeight: 7,
  hillTop: 77,
  hillFoot: 161,
  taperTop: 175,
  taperMax: 42,
  height: 220,
} as const;

export interface RibbonDay {
  day: number;
  x: number;
  width: number;
  nightC: number;
  /** 0 mild … 1 bitter, for the depth of the night band. */
  cold: number;
  windStrokes: number;
  camp: { x: number; y: number };
}
export interface TaperSlice {
  day: number;
  path: string;
  startG: number;
  endG: number;
}
export interface RibbonGeometry {
  days: RibbonDay[];
  hillArea: string;
  hillLine: string;
  highest: { altitudeM: number; y: number };
  coldest: RibbonDay;
  taper: TaperSlice[];
  reservePath: string;
  reserveG: number;
}

/** Nights are mild above the first, bitter below the second, °C. */
const NIGHT_MILD_C = 9;
const NIGHT_BITTER_C = -12;
/** Wind at an unscreened flame that draws one more stroke, m/s: the steps between the walker's words. */
const STROKE_STEPS_MPS = [1.2, 3, 5.5];

/** All of the ribbon's shapes from a plan: pure, so that tests can read them. */
export function ribbonGeometry(plan: Plan, axis: TimeAxis): RibbonGeometry {
  const altitudes = plan.days.map((d) => d.altitudeM);
  const low = Math.min(...altitudes);
  const high = Math.max(...altitudes);
  const y = scaleLinear()
    .domain([low - Math.max(120, (high - low) * 0.35), Math.max(high, low + 200)])
    .range([RIBBON.hillFoot, RIBBON.hillTop]);
  // the first camp's height stands for the trailhead, which the leg does not know
  const hill: [number, number][] = [[0, y(altitudes[0])], ...altitudes.map((m, i): [number, number] => [axis.x(i + 1), y(m)])];
  const days = plan.days.map((d, i): RibbonDay => ({
    day: d.day,
    x: axis.x(i),
    width: axis.x(i + 1) - axis.x(i),
    nightC: d.breakfastAirC,
    cold: Math.min(1, Math.max(0, (NIGHT_MILD_C - d.breakfastAirC) / (NIGHT_MILD_C - NIGHT_BITTER_C))),
    windStrokes: 1 + STROKE_STEPS_MPS.filter((s) => d.windMps >= s).length,
    camp: { x: axis.x(i + 1), y: y(d.altitudeM) },
  }));
  const thickness = scaleLinear()
    .domain([0, Math.max(plan.fuelG, 1)])
    .range([0, RIBBON.taperMax]);
  const top = RIBBON.taperTop;
  const at = (boundary: number, g: number): string => `${axis.x(boundary).toFixed(1)},${(top + thickness(Math.max(0, g))).toFixed(1)}`;
  const taper = plan.profile.days.slice(0, -1).map((d, i): TaperSlice => {
    const endG = plan.profile.days[i + 1].fuelG;
    return {
      day: d.day,
      startG: d.fuelG,
      endG,
      path: `M${axis.x(i).toFixed(1)},${top} L${axis.x(i + 1).toFixed(1)},${top} L${at(i + 1, endG)} L${at(i, d.fuelG)}Z`,
    };
  });
  const reserveG = Math.min(plan.reserveG, plan.fuelG);
  return {
    days,
    hillArea: area<[number, number]>().y0(RIBBON.hillFoot).curve(curveMonotoneX).x((p) => p[0]).y1((p) => p[1])(hill) ?? '', // prettier-ignore
    hillLine: line<[number, number]>().curve(curveMonotoneX)(hill) ?? '',
    highest: { altitudeM: high, y: y(high) },
    coldest: days.reduce((a, b) => (b.nightC < a.nightC ? b : a)),
    taper,
    reservePath: `M0,${top} L${axis.width.toFixed(1)},${top} L${at(axis.dayCount, reserveG)} L${at(0, reserveG)}Z`,
    reserveG,
  };
}
