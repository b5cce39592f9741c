import type { Piece } from '../model';

/** A kitchen scale stands in for the walker's own where there is none: it is simulated and says so. */
export const SCALE_RESOLUTION_G = 1;
/** How far a piece really weighs from its label at most, as a share (common practice: labels are a few per cent off). */
const LABEL_OFF = 0.04;

/** What the simulated scale shows for a piece: its label off by up to 4 %, always the same for one name, to the gram. */
export function simulatedReadingG(piece: Pick<Piece, 'name' | 'massG'>): number {
  let hash = 2166136261; // FNV-1a, so that a name always weighs the same
  for (const c of piece.name) hash = Math.imul(hash ^ (c.codePointAt(0) ?? 0), 16777619);
  const off = ((hash >>> 0) / 0xffffffff) * 2 - 1;
  return Math.round((piece.massG * (1 + LABEL_OFF * off)) / SCALE_RESOLUTION_G) * SCALE_RESOLUTION_G;
}
