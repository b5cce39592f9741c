import { nameFrom, type KitSettings, type Piece, type Rack } from '../model';
import { PIECES } from './piece-catalogue';

/** What can be chosen from, the rack first: under the switch only what is owned or lent, else the catalogue as well. */
export const choosable = (rack: Rack): readonly Piece[] =>
  rack.onlyOwned ? rack.pieces.filter((p) => p.have !== 'wish') : [...rack.pieces, ...PIECES];

/** Habits that a new kit starts with: a flame turned down to what spares fuel, 5 mL measures (common practice). */
export const STARTING_SETTINGS: KitSettings = {
  fuelId: 'gas-20-80',
  flameSetting: 0.7,
  measureMl: 5,
  canWarming: 'none',
  sleeveOn: false,
  headFactor: 1,
  potHeightMm: 45,
  screenGapMm: 6,
};

/** A name that no kit has yet: "… 2", "… 3". */
export function freeKitName(rack: Rack, wanted: string): string {
  const taken = new Set(rack.kits.map((k) => k.name));
  const numbered = (n: number): string => nameFrom(wanted, { ending: n > 1 ? ` ${n}` : '', otherwise: 'kit' });
  let n = 1;
  while (taken.has(numbered(n))) n++;
  return numbered(n);
}
