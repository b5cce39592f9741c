import type { FlameCurve, FlamePoint } from '@tinder/core/studies/study';
import { ticks } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';

export interface FlameGeometry {
  x: (setting: number) => number;
  /** Setting under a pixel, kept within what the valve can hold. */
  settingAt: (pixel: number) => number;
  fuelY: (massG: number) => number;
  timeY: (seconds: number) => number;
  fuelPath: string;
  barePath: string;
  timePath: string;
  fuelTicks: number[];
  timeTicksMin: number[];
  /** Settings that fail, with why. */
  failing: { from: number; to: number; why: 'stalls' | 'mayBlowOut' | 'wontRun' }[];
}

const done = (points: readonly FlamePoint[]) => points.filter((p) => p.outcome.kind === 'done');

/** Two small charts on one axis of flame settings: fuel above, time below; `height` of each in px. */
export function flameGeometry(curve: FlameCurve, bare: FlameCurve | undefined, width: number, height: number): FlameGeometry {
  const from = curve.points[0].setting;
  const scaleX = scaleLinear().domain([from, 1]).range([0, width]);
  const all = done(curve.points);
  const grams = all.map((p) => p.fuelG);
  const least = Math.min(...grams, Number.POSITIVE_INFINITY);
  const most = Math.max(...grams, 1);
  // a bare curve far above would flatten the one that matters
  const top = Math.min(Math.max(most, ...done(bare?.points ?? []).map((p) => p.fuelG)), most * 1.6);
  const fuelY = scaleLinear()
    .domain([Number.isFinite(least) ? least * 0.85 : 0, top * 1.04])
    .range([height, 6]);
  const timeY = scaleLinear()
    .domain([0, Math.max(60, ...all.map((p) => p.durationS)) * 1.05])
    .range([height, 6]);
  const fuelLine = line<FlamePoint>()
    .x((p) => scaleX(p.setting))
    .y((p) => fuelY(p.fuelG));
  return {
    x: scaleX,
    settingAt: (pixel) => Math.min(1, Math.max(from, scaleX.invert(pixel))),
    fuelY,
    timeY,
    fuelPath: fuelLine(all) ?? '',
    barePath: fuelLine(done(bare?.points ?? []).filter((p) => p.fuelG <= top)) ?? '',
    timePath:
      line<FlamePoint>()
        .x((p) => scaleX(p.setting))
        .y((p) => timeY(p.durationS))(all) ?? '',
    fuelTicks: ticks(fuelY.domain()[0], fuelY.domain()[1], 3),
    timeTicksMin: ticks(0, timeY.domain()[1] / 60, 3),
    failing: failingIn(curve.points),
  };
}

function failingIn(points: readonly FlamePoint[]): FlameGeometry['failing'] {
  const failing: FlameGeometry['failing'] = [];
  for (const { setting, outcome } of points) {
    if (outcome.kind === 'done') continue;
    const last = failing.at(-1);
    if (last?.why === outcome.kind) last.to = setting;
    else failing.push({ from: setting, to: setting, why: outcome.kind });
  }
  return failing;
}
