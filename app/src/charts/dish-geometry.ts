import type { DishCurve, DishWay, PotPoint } from '@tinder/core/studies/study';
import { max } from 'd3-array';
import { scaleLinear, type ScaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import { spreadUp } from './label-spread';

/** One way to the dish, as a point by its minutes until done and its fuel, with a label beside it. */
export interface WayPoint {
  way: DishWay;
  x: number;
  y: number;
  labelY: number;
  /** Its label runs to the right, or to the left where there is no room. */
  side: 1 | -1;
}
export interface DishGeometry {
  x: ScaleLinear<number, number>;
  yC: ScaleLinear<number, number>;
  yG: ScaleLinear<number, number>;
  ticksMin: number[];
  ticksG: number[];
  /** Below the pot's temperature: while the flame burns, and while it rests. */
  heat: string;
  rest: string;
  line: string;
  ways: WayPoint[];
}

/** Hottest that is drawn, °C; a boil at sea level, and room for words. */
const TOP_C = 112;
const TICKS = 4;
const LABEL_PX = 17;
/** Ways that take longer than this are drawn at the edge, min. */
const LONGEST_MIN = 45;

/**
 * A dish on one axis of minutes `widthPx` wide: the pot's temperature over `highC` px, and below it, over `highG` px, what each way to it takes of fuel and
 * time until it is done. Without a curve (cold food) there are only the ways.
 */
export function dishGeometry(
  curve: DishCurve | undefined,
  ways: readonly DishWay[],
  { widthPx, highC, highG, unitG }: { widthPx: number; highC: number; highG: number; unitG: number },
): DishGeometry {
  const lastS = curve?.resting.at(-1)?.s ?? 0;
  const waysMin = ways.map((w) => w.doneS / 60).filter((m) => m <= LONGEST_MIN);
  const x = scaleLinear()
    .domain([0, Math.max(lastS / 60, (max(waysMin) ?? 0) * 1.1, 10)])
    .range([0, widthPx]);
  const yC = scaleLinear().domain([0, TOP_C]).range([highC, 0]);
  const yG = scaleLinear()
    .domain([0, Math.max(1, (max(ways, (w) => w.fuelG) ?? 0) * 1.15) / unitG])
    .range([highG, LABEL_PX]);
  const at = (p: PotPoint): [number, number] => [x(p.s / 60), yC(Math.max(0, p.potC))];
  const under = area<PotPoint>()
    .x((p) => at(p)[0])
    .y0(highC)
    .y1((p) => at(p)[1]);
  const along = line<PotPoint>(
    (p) => at(p)[0],
    (p) => at(p)[1],
  );
  const [, lastMin] = x.domain();
  const points = ways.map((way): WayPoint => {
    // what takes longer than is drawn stands at the edge
    const [px, py] = [x(Math.min(lastMin, way.doneS / 60)), yG(way.fuelG / unitG)];
    const side = px > 0.5 * widthPx ? -1 : 1;
    // what runs to the left stands below its point, or above where the axis is: beside it other points may lie
    const off = side > 0 ? 0 : py > highG - LABEL_PX ? -10 : LABEL_PX;
    return { way, x: px, y: py, labelY: py + off, side };
  });
  return {
    x,
    yC,
    yG,
    ticksMin: x.ticks(5),
    ticksG: yG.ticks(TICKS - 1).map((t) => t * unitG),
    heat: (curve && under(curve.heating)) ?? '',
    rest: (curve && under(curve.resting)) ?? '',
    line: curve ? (along([...curve.heating, ...curve.resting]) ?? '') : '',
    ways: spreadUp(points, LABEL_PX),
  };
}
