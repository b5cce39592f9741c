import type { Units } from './units';

/** More room than this rattles, mL; from memory. */
const RATTLES_ML = 30;

/** The room left between what is nested. */
export const roomWords = (freeMl: number, units: Units): string =>
  freeMl > RATTLES_ML
    ? `${units.text(freeMl, 'volume')} of room is left between them: a cloth keeps it from rattling.`
    : `${units.text(freeMl, 'volume')} of room is left: it will not rattle.`;

/** The cutaway for those who hear it; names from the bottom up. */
export const cutawayWords = (names: readonly string[]): string =>
  names.length ? `The pot cut open, from the bottom: ${names.join(', ')}` : 'The pot cut open, empty';
