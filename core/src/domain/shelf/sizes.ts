import type { ShelfItem } from '../model';
import { nearest } from '../../foundation/numeric';

/** Cans as they stand, by what they hold (common practice; the walker's own measures go before them). */
const CYLINDERS = [
  { netG: 100, diameterMm: 90, heightMm: 66 },
  { netG: 230, diameterMm: 110, heightMm: 88 },
  { netG: 450, diameterMm: 110, heightMm: 150 },
] as const;
/** Room inside a can for each gram of its rated content, mL (assumption: filled to four fifths of about 0.58 g/mL). */
const ROOM_ML_PER_G = 2.1;

/** Diameter and height of a can, mm. */
export function cylinderOf(item: Pick<ShelfItem, 'netG' | 'diameterMm' | 'heightMm'>): { diameterMm: number; heightMm: number } {
  const usual = nearest(CYLINDERS, (c) => c.netG, item.netG);
  return { diameterMm: item.diameterMm ?? usual.diameterMm, heightMm: item.heightMm ?? usual.heightMm };
}

/** Room inside a can, mL. */
export const roomMl = ({ netG }: Pick<ShelfItem, 'netG'>): number => ROOM_ML_PER_G * netG;
