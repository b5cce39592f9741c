import { emptyG, type ShelfItem } from '../model';
import type { Reading } from './reading';

/** An empty container that nobody has weighed is as heavy as its size usually is, give or take this, g (docs/physics.md, Shelf; common practice). */
const UNKNOWN_TARE_SD_G = 4;
/** What is printed on the can, or read off the same one once empty, g: as good as a kitchen scale. */
const KNOWN_TARE_SD_G = 0.5;

/** The empty container: as printed or weighed where that is known, else as those of its kind and size are, g. */
export const tareOf = ({ kind, netG, tareG }: Pick<ShelfItem, 'kind' | 'netG' | 'tareG'>): Reading =>
  tareG === null ? { massG: emptyG(kind, netG), sdG: UNKNOWN_TARE_SD_G } : { massG: tareG, sdG: KNOWN_TARE_SD_G };
