import type { Piece } from '../model';
import { hashed } from '../../foundation/numeric';

/** A kitchen scale stands in for the walker's own where there is none: it is simulated and says so. */
export const SCALE_RESOLUTION_G = 1;
/** How far a piece really weighs from its label at most, as a share (common practice: labels are a few per cent off). */
const LABEL_OFF = 0.04;

/** What the simulated scale shows for a piece: its label off by up to 4 %, always the same for one name, to the gram. */
export function simulatedReadingG(piece: Pick<Piece, 'name' | 'massG'>): number {
  const off = 2 * hashed(piece.name) - 1;
  return Math.round((piece.massG * (1 + LABEL_OFF * off)) / SCALE_RESOLUTION_G) * SCALE_RESOLUTION_G;
}
