import type { WalkHere } from '@tinder/core/output/walk';
import type { LeftPoint } from '../../charts/ribbon-left';

/** A point of the taper: after so many of the carry's events and burns. */
export interface TaperPoint {
  x: number;
  day: number;
  leftG: number;
  sdG: number;
  reading: boolean;
}
export interface Taper {
  past: TaperPoint[];
  ahead: TaperPoint[];
  planned: { x: number; leftG: number }[];
  steps: number;
  mostG: number;
}

/** What is left over the carry, event by event, then burn by burn: as planned, as it went, as it will go. */
export function taperOf({ past, forecast, leftG }: WalkHere): Taper {
  const went = past.map((p, i): TaperPoint => ({ x: i, day: p.day, leftG: p.leftG, sdG: p.sdG, reading: p.isReading }));
  const now = Math.max(0, went.length - 1);
  const last = went.at(-1);
  const goes = forecast.steps.map((s, i): TaperPoint => ({ x: now + 1 + i, day: s.day, leftG: s.leftG, sdG: s.sdG, reading: false }));
  return {
    past: went,
    ahead: last ? [last, ...goes] : goes,
    planned: past.map((p, i) => ({ x: i, leftG: p.plannedG })),
    steps: Math.max(1, now + goes.length),
    mostG: Math.max(leftG.mean, ...past.map((p) => Math.max(p.leftG + p.sdG, p.plannedG)), 10),
  };
}

/** What is left at the ends of the carry's days: what was known last on a day that is walked, what is reckoned with after the last burn of one that is not. */
export function endsOfDays({ carry, past, forecast }: Pick<WalkHere, 'carry' | 'past' | 'forecast'>): LeftPoint[] {
  const ends = new Map<number, LeftPoint>();
  const [first] = past;
  if (first) ends.set(carry.days[0].day - 1, { boundary: carry.days[0].day - 1, leftG: first.leftG, sdG: first.sdG });
  for (const p of [...past.slice(1), ...forecast.steps]) ends.set(p.day, { boundary: p.day, leftG: p.leftG, sdG: p.sdG });
  return [...ends.values()].sort((a, b) => a.boundary - b.boundary);
}
