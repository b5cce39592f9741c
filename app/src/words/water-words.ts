import type { Units } from './units';

/** Water as it is measured out: "450 mL", and in marks of the walker's cup where there is one. */
export function waterWords(waterMl: number, cupMarkMl: number | null, units: Pick<Units, 'text'>): string {
  const ml = units.text(waterMl, 'volume');
  if (cupMarkMl === null) return ml;
  // nobody reads a cup finer than a quarter of a mark
  const marks = Math.round((4 * waterMl) / cupMarkMl) / 4;
  return `${ml} (${marks}\u00a0${marks === 1 ? 'mark' : 'marks'})`;
}
