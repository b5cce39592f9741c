import type { Restriction, Trip } from '@tinder/core/domain/model';
import type { Plan } from '@tinder/core/planning/planned';
import { stopDays } from '@tinder/core/domain/trail';
import { scaleLinear } from 'd3-scale';
import { curveMonotoneX, line } from 'd3-shape';
import type { TimeAxis } from './time-axis';

/** Rows of the ribbon in pixels from its top. */
export interface RibbonRows {
  stopName: number;
  nightTop: number;
  nightHeight: number;
  hillTop: number;
  hillFoot: number;
  /** Foot of the day numbers. */
  numbers: number;
  taperTop: number;
  taperMax: number;
  height: number;
}
export const RIBBON: RibbonRows = {
  stopName: 33,
  nightTop: 53,
  nightHeight: 7,
  hillTop: 77,
  hillFoot: 161,
  numbers: 174,
  taperTop: 179,
  taperMax: 39,
  height: 220,
};
/** The same, folded: stops, nights, land and taper, without wind, camps and rules. */
export const FOLDED_RIBBON: RibbonRows = {
  stopName: 14,
  nightTop: 23,
  nightHeight: 7,
  hillTop: 38,
  hillFoot: 88,
  numbers: 103,
  taperTop: 111,
  taperMax: 26,
  height: 142,
};

/** Room right of a low ribbon, px: for the last stop and what is left there. */
export const BEYOND_PX = 66;

export interface RibbonDay {
  day: number;
  x: number;
  width: number;
  nightC: number;
  /** 0 mild … 1 bitter, for the depth of the night band. */
  cold: number;
  windStrokes: number;
  /** Where the night is spent: a camp, a dry one, on snow, or in town. */
  night: 'camp' | 'dry' | 'snow' | 'town';
  camp: { x: number; y: number };
}
export interface RibbonStop {
  index: number;
  x: number;
  /** As much of the name as fits before the next stop; empty where nothing does. */
  name: string;
  /** Stands a line higher: it would lie on the name before it. */
  raised: boolean;
  anchor: 'start' | 'end';
}
export interface RibbonBan {
  x: number;
  width: number;
  restriction: Exclude<Restriction, 'none'>;
}
export interface TaperSlice {
  day: number;
  startG: number;
  endG: number;
}
/** The land over the days of a plan: how high, how cold, where the nights are. */
export interface RibbonLand {
  days: RibbonDay[];
  /** What the nights lie on. */
  nightGround: string;
  hillArea: string;
  hillLine: string;
  highest: { altitudeM: number; y: number };
  coldest: RibbonDay;
}
/** The band of fuel on hand. */
export interface RibbonTaper {
  slices: TaperSlice[];
  /** All of it. */
  band: string;
  /** The same, leg by leg from one stop that fills up to the next: its first day and the last. */
  legs: { firstDay: number; lastDay: number; band: string }[];
  /** The part of a day. */
  outline: (slice: TaperSlice) => string;
  /** The part that is reserve, carry by carry. */
  reserve: string;
  /** Most fuel that leaves a stop, g: the full thickness. */
  mostG: number;
  /** Left at the very end, g. */
  leftG: number;
}

/** Nights are mild above the first, bitter below the second, °C. */
const NIGHT_MILD_C = 9;
const NIGHT_BITTER_C = -12;
/** Wind at an unscreened flame that draws one more stroke, m/s: the steps between the walker's words. */
const STROKE_STEPS_MPS = [1.2, 3, 5.5];
/** Width of a letter of a stop's name, px. */
const LETTER = 6.5;
const SHORTEST_NAME = 4;

/** The land of a track and a plan as shapes. */
export function ribbonLand({ profile }: Pick<Trip, 'profile'>, plan: Plan, axis: TimeAxis, rows: RibbonRows = RIBBON): RibbonLand {
  const hill = hillPoints(profile, plan, axis);
  const altitudes = hill.map((p) => p.altitudeM);
  const low = Math.min(...altitudes);
  const high = Math.max(...altitudes);
  const y = scaleLinear()
    .domain([low - Math.max(120, (high - low) * 0.35), Math.max(high, low + 200)])
    .range([rows.hillFoot, rows.hillTop]);
  const points = hill.map((p): [number, number] => [p.x, y(p.altitudeM)]);
  const hillLine = line<[number, number]>().curve(curveMonotoneX)(points) ?? '';
  const days = plan.days.map((d, i): RibbonDay => {
    const camped = d.dry ? 'dry' : d.snow ? 'snow' : 'camp';
    return {
      day: d.day,
      x: axis.x(i),
      width: axis.x(i + 1) - axis.x(i),
      nightC: d.breakfastAirC,
      cold: Math.min(1, Math.max(0, (NIGHT_MILD_C - d.breakfastAirC) / (NIGHT_MILD_C - NIGHT_BITTER_C))),
      windStrokes: 1 + STROKE_STEPS_MPS.filter((s) => d.windMps >= s).length,
      night: d.eatsOut.supper ? 'town' : camped,
      camp: { x: axis.x(i + 1), y: y(d.altitudeM) },
    };
  });
  return {
    days,
    nightGround: days.map((d) => `M${d.x + 0.5},${rows.nightTop}h${d.width - 1}v${rows.nightHeight}h${1 - d.width}z`).join(''),
    hillArea: `${hillLine}L${points[points.length - 1][0]},${rows.hillFoot}L${points[0][0]},${rows.hillFoot}Z`,
    hillLine,
    highest: { altitudeM: high, y: y(high) },
    coldest: days.reduce((a, b) => (b.nightC < a.nightC ? b : a)),
  };
}

/** Heights along the axis: of the track where there is one, else of the camps; the first camp's stands for the trailhead. */
function hillPoints(profile: Trip['profile'], plan: Plan, axis: TimeAxis): { x: number; altitudeM: number }[] {
  const camps = [{ x: 0, altitudeM: plan.days[0].altitudeM }, ...plan.days.map((d, i) => ({ x: axis.x(i + 1), altitudeM: d.altitudeM }))];
  if (profile.length < 2) return camps;
  // a day's stretch of the track fills that day's width; a day off stands still
  const walked = [0];
  for (const d of plan.days) walked.push(walked[walked.length - 1] + d.km);
  const share = profile[profile.length - 1].km / Math.max(0.1, walked[walked.length - 1]);
  const km = walked.map((w) => w * share);
  let day = 0;
  return profile.map((p) => {
    while (day < plan.days.length - 1 && km[day + 1] < p.km) day++;
    const span = km[day + 1] - km[day];
    return { x: axis.x(day + (span > 0 ? Math.min(1, (p.km - km[day]) / span) : 0)), altitudeM: p.altitudeM };
  });
}

/** The stops along the axis, each name cut where the next begins; the last one stands beyond it where so many px have room for it. */
export function ribbonStops(trip: Trip, axis: TimeAxis, roomBeyond = 0): RibbonStop[] {
  const at = stopDays(trip);
  const last = trip.stops.length - 1;
  const widthOf = (name: string): number => name.length * LETTER + 12;
  const isBeyond = widthOf(trip.stops[last].name) <= roomBeyond;
  // else the end's name stands on the left of its rule; where it would lie on the last but one, it stands above
  const raised = axis.x(at[last - 1]) + widthOf(trip.stops[last - 1].name) > axis.width - widthOf(trip.stops[last].name);
  return trip.stops.map((stop, index): RibbonStop => {
    const x = axis.x(at[index]);
    if (index === last) return { index, x, name: stop.name, anchor: isBeyond ? 'start' : 'end', raised: raised && !isBeyond };
    const letters = Math.floor((axis.x(at[index + 1]) - x - 8) / LETTER);
    return { index, x, name: shortened(stop.name, letters), anchor: 'start', raised: false };
  });
}

/** A name in at most `letters`, cut with an ellipsis; nothing where that would leave a stump. */
function shortened(name: string, letters: number): string {
  if (name.length <= letters) return name;
  return letters < SHORTEST_NAME ? '' : `${name.slice(0, letters - 1).trimEnd()}…`;
}

/** Where a flame is restricted, or nobody has noted whether it is. */
export function ribbonBans(trip: Trip, axis: TimeAxis): RibbonBan[] {
  const at = stopDays(trip);
  return trip.legs.flatMap((leg, i) => {
    if (leg.restriction === 'none') return [];
    return [{ x: axis.x(at[i]), width: axis.x(at[i + 1]) - axis.x(at[i]), restriction: leg.restriction }];
  });
}

/** The band of fuel on hand, burning down over each carry and renewed where it ends. */
export function ribbonTaper(plan: Plan, axis: TimeAxis, rows: RibbonRows = RIBBON): RibbonTaper {
  const mostG = Math.max(...plan.carries.map((c) => c.fuelG));
  const thickness = scaleLinear()
    .domain([0, Math.max(mostG, 1)])
    .range([0, rows.taperMax]);
  const top = rows.taperTop;
  const x = (boundary: number): string => axis.x(boundary).toFixed(1);
  const foot = (boundary: number, g: number): string => `L${x(boundary)},${(top + thickness(Math.max(0, g))).toFixed(1)}`;
  // from the first morning along the top to the last evening, and back along its foot
  const between = (from: number, to: number, feet: string[]): string => `M${x(from)},${top}L${x(to)},${top}${feet.reverse().join('')}Z`;
  const slices = plan.carries.flatMap(({ profile }) =>
    profile.days.slice(0, -1).map((d, i): TaperSlice => ({ day: d.day, startG: d.fuelG, endG: profile.days[i + 1].fuelG })),
  );
  const spans = plan.carries.map((c) => ({ carry: c, from: c.days[0].day - 1, to: c.days[c.days.length - 1].day }));
  const band = spans.map(({ carry: c, from, to }) =>
    between(
      from,
      to,
      c.profile.days.map((d) => foot(d.day - 1, d.fuelG)),
    ),
  );
  const reserve = spans.map(({ carry: c, from, to }) => {
    const reserveG = Math.min(c.reserveG, c.fuelG);
    return between(from, to, [foot(from, reserveG), foot(to, reserveG)]);
  });
  const last = plan.carries[plan.carries.length - 1];
  return {
    slices,
    band: band.join(''),
    legs: spans.map(({ from, to }, i) => ({ firstDay: from + 1, lastDay: to, band: band[i] })),
    outline: (s) => between(s.day - 1, s.day, [foot(s.day - 1, s.startG), foot(s.day, s.endG)]),
    reserve: reserve.join(''),
    mostG,
    leftG: last.fuelG - last.demandG,
  };
}
