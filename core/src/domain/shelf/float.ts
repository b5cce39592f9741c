import { done, refused, type Result } from '../../foundation/errors';
import { nearest } from '../../foundation/numeric';
import type { Reading } from './reading';

/** Fresh water, g/mL: in the sea a can floats a fortieth higher, and is not read here. */
const WATER_G_PER_ML = 1;
/** Room under a can's foot that holds air, mL, and how far it is known (assumption). */
const HOLLOW = { ml: 30, sdMl: 12 };
/** How well a water line is read on a can of that width, g (docs/physics.md, Shelf). Wider ones stand for the tall cans, which lie over. */
const FLOATS = [
  { diameterMm: 90, sdG: 7 },
  { diameterMm: 110, sdG: 10 },
];
/** Cans taller than wide by more than this lie over instead of standing in the water (common practice). */
const TALLEST_TO_WIDTH = 1.1;

/** Why a can cannot be read by floating it. */
export interface LiesOver {
  code: 'liesOver';
  heightMm: number;
  diameterMm: number;
}

/** Does such a can stand in the water, so that its line can be read? */
export const floatsUpright = ({ diameterMm, heightMm }: Pick<Floating, 'diameterMm' | 'heightMm'>): boolean =>
  heightMm <= TALLEST_TO_WIDTH * diameterMm;

/** What a millimetre of the water line is worth, g: ρ·π/4·D². */
export const gramsPerMm = (diameterMm: number): number => (WATER_G_PER_ML * Math.PI * diameterMm ** 2) / 4 / 1000;

/**
 * Fuel gone since the water line was marked, g, where it now stands `risenMm` further out of the water. The mark cancels tare and the hollow of
 * the foot, both floated with the foot flooded.
 */
export const goneSinceMark = (diameterMm: number, risenMm: number): Reading => ({
  massG: gramsPerMm(diameterMm) * risenMm,
  sdG: sdOf(diameterMm),
});

/** A floating can and how deep it stands on its low and its high side, mm. */
export interface Floating {
  diameterMm: number;
  heightMm: number;
  lowMm: number;
  highMm: number;
}

/** The whole can with what is in it, without a mark: m = ρ(A·depth − hollow), a leaning one by the mean of its two sides. */
export function floatedGross({ diameterMm, heightMm, lowMm, highMm }: Floating): Result<Reading, LiesOver> {
  if (!floatsUpright({ diameterMm, heightMm })) return refused({ code: 'liesOver', heightMm, diameterMm });
  const massG = (gramsPerMm(diameterMm) * (lowMm + highMm)) / 2 - WATER_G_PER_ML * HOLLOW.ml;
  return done({ massG: Math.max(0, massG), sdG: Math.hypot(sdOf(diameterMm), WATER_G_PER_ML * HOLLOW.sdMl) });
}

const sdOf = (diameterMm: number): number => nearest(FLOATS, (f) => f.diameterMm, diameterMm).sdG;
