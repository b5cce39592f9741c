/** The one time axis: day boundaries 0…n across a width. Day d (1-based) fills the interval d−1…d. */
export interface TimeAxis {
  dayCount: number;
  width: number;
  /** Pixel of a day boundary. */
  x: (boundary: number) => number;
  /** Middle of a day. */
  middle: (day: number) => number;
  /** The day under a pixel, kept inside the leg. */
  dayAt: (pixel: number) => number;
}

export function timeAxis(dayCount: number, width: number): TimeAxis {
  const x = (boundary: number): number => (boundary / dayCount) * width;
  return {
    dayCount,
    width,
    x,
    middle: (day) => x(day - 0.5),
    dayAt: (pixel) => Math.min(dayCount, Math.max(1, Math.floor((pixel / width) * dayCount) + 1)),
  };
}
