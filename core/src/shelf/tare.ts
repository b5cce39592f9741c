import { CANISTER_SIZES } from '../carry';
import { requireRange } from '../errors';
import { nearest } from '../numeric';
import type { Reading } from './reading';

/** An empty can that nobody has weighed is as heavy as its size usually is, give or take this, g (docs/physics.md, Shelf; common practice). */
const UNKNOWN_TARE_SD_G = 4;
/** What is printed on the can, or read off the same one once empty, g: as good as a kitchen scale. */
const KNOWN_TARE_SD_G = 0.5;

/** The empty can: as printed or weighed where that is known, else as cans of its size are. `netG` is the rated content of its size. */
export function tareOf(netG: number, knownG?: number): Reading {
  if (knownG !== undefined) {
    requireRange('knownG', knownG, 0, 2000);
    return { massG: knownG, sdG: KNOWN_TARE_SD_G };
  }
  return { massG: nearest(CANISTER_SIZES, (s) => s.netG, netG).tareG, sdG: UNKNOWN_TARE_SD_G };
}
