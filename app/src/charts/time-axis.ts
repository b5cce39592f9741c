import { bisectRight } from 'd3-array';

/** The one axis of the trail: day boundaries 0…n across a width, every day as wide as it is long. Day d (1-based) fills the interval d−1…d. */
export interface TimeAxis {
  dayCount: number;
  width: number;
  /** Pixel of a day boundary; parts of a day are allowed. */
  x: (boundary: number) => number;
  /** Middle of a day. */
  middle: (day: number) => number;
  /** The day under a pixel, kept inside the trip. */
  dayAt: (pixel: number) => number;
  /** The day boundary nearest to a pixel. */
  boundaryAt: (pixel: number) => number;
}

/** What the axis runs by: every day as wide as the next, or as wide as its kilometres. */
export type AxisBy = 'day' | 'km';
/** A day off is still seen: at least this share of a mean day. */
const LEAST_WIDTH = 0.2;

/** How wide each day is, in any unit. */
export function dayWidths(kms: readonly number[], by: AxisBy): number[] {
  if (by === 'day') return kms.map(() => 1);
  const mean = kms.reduce((a, b) => a + b, 0) / Math.max(1, kms.length);
  return mean > 0 ? kms.map((km) => Math.max(km, LEAST_WIDTH * mean)) : kms.map(() => 1);
}

export function timeAxis(widths: readonly number[], width: number): TimeAxis {
  const dayCount = widths.length;
  const total = widths.reduce((a, b) => a + b, 0);
  const ends = [0];
  for (const w of widths) ends.push(ends[ends.length - 1] + w);
  const x = (boundary: number): number => {
    const day = Math.min(dayCount - 1, Math.max(0, Math.floor(boundary)));
    return ((ends[day] + (boundary - day) * widths[day]) / total) * width;
  };
  const dayAt = (pixel: number): number => Math.min(dayCount, Math.max(1, bisectRight(ends, (pixel / width) * total + 1e-9)));
  return {
    dayCount,
    width,
    x,
    middle: (day) => x(day - 0.5),
    dayAt,
    boundaryAt: (pixel) => {
      const day = dayAt(pixel);
      return pixel < x(day - 0.5) ? day - 1 : day;
    },
  };
}
