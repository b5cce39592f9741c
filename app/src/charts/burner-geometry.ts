import type { BurnerCurve, BurnerPoint } from '@tinder/core/studies/study';
import { ticks } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';

/** A test on the curve: where it stands, and how far its reading may be off, one standard deviation. */
export interface BurntPoint {
  id: string;
  at: number;
  fuelG: number;
  fuelSdG: number;
  seconds: number;
  odd: boolean;
}
interface Panel {
  y: (v: number) => number;
  ticks: number[];
  before: string;
  after: string;
  band: string;
}
export interface BurnerGeometry {
  x: (at: number) => number;
  xTicks: number[];
  fuel: Panel;
  time: Panel;
  /** Where the newest curve does not reach its target. */
  failing: { from: number; to: number; why: NonNullable<BurnerPoint['why']> }[];
}

type Reached = BurnerPoint & Required<Pick<BurnerPoint, 'fuelG' | 'fuelSd' | 'seconds' | 'secondsSd'>>;
const reached = (points: readonly BurnerPoint[]): Reached[] => points.filter((p): p is Reached => p.fuelG !== undefined);
/** 95 of 100 lie within so many deviations. */
const SDS = 1.96;

/** Grams above and minutes below, on one axis of flame or wind; `height` of each in px. */
export function burnerGeometry(curve: BurnerCurve, tests: readonly BurntPoint[], width: number, height: number): BurnerGeometry {
  const newest = curve.after ?? curve.before;
  const [first, last] = [newest[0].at, newest[newest.length - 1].at];
  const x = scaleLinear().domain([first, last]).range([0, width]);
  const all = [...reached(curve.before), ...reached(newest)];
  const panel = (of: 'fuelG' | 'seconds', sd: 'fuelSd' | 'secondsSd', dots: readonly number[]): Panel => {
    const top = Math.max(1, ...all.map((p) => p[of] * Math.exp(p[sd])), ...dots) * 1.05;
    const y = scaleLinear().domain([0, top]).range([height, 4]);
    const path = line<Reached>()
      .x((p) => x(p.at))
      .y((p) => y(p[of]));
    const band = area<Reached>()
      .x((p) => x(p.at))
      .y0((p) => Math.max(0, y(p[of] * Math.exp(SDS * p[sd]))))
      .y1((p) => y(p[of] * Math.exp(-SDS * p[sd])));
    return {
      y,
      ticks: ticks(0, of === 'seconds' ? top / 60 : top, 4),
      before: path(reached(curve.before)) ?? '',
      after: curve.after ? (path(reached(curve.after)) ?? '') : '',
      band: band(reached(newest)) ?? '',
    };
  };
  return {
    x,
    xTicks: ticks(first, last, curve.axis === 'setting' ? 5 : 6),
    fuel: panel(
      'fuelG',
      'fuelSd',
      tests.map((t) => t.fuelG + t.fuelSdG),
    ),
    time: panel(
      'seconds',
      'secondsSd',
      tests.map((t) => t.seconds),
    ),
    failing: failing(newest, (last - first) / Math.max(1, newest.length - 1)),
  };
}

function failing(points: readonly BurnerPoint[], step: number): BurnerGeometry['failing'] {
  const runs: BurnerGeometry['failing'] = [];
  for (const { at, why } of points) {
    if (!why) continue;
    const run = runs.at(-1);
    if (run && run.why === why) run.to = at;
    else runs.push({ from: at - step / 2, to: at, why });
  }
  return runs;
}
