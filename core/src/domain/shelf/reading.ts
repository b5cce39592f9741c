/** A mass as it is known: the best guess and its doubt, one standard deviation, g. */
export interface Reading {
  massG: number;
  sdG: number;
}

/** Two readings further apart than this many of their joint deviations are asked about (docs/physics.md, Shelf; common practice). */
export const TOO_FAR_SD = 3;
