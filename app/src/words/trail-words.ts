import { PACKAGES, type PackageId } from '@tinder/core/domain/carry';
import type { Restriction, STOP_KINDS, TREATMENTS, WATER_SOURCES } from '@tinder/core/domain/model';

/** Words for the choices of the Trail view, in the walker's language. */
export const STOP_KIND_WORDS: Record<(typeof STOP_KINDS)[number], string> = {
  town: 'town',
  shop: 'village shop',
  hut: 'hut',
  crossing: 'road crossing',
  fuelStation: 'fuel station',
  postOffice: 'post office',
  trailEnd: 'end of the trail',
};
export const SOURCE_WORDS: Record<(typeof WATER_SOURCES)[number], string> = {
  stream: 'stream',
  tap: 'tap',
  snow: 'snow',
  snowDry: 'snow, melted dry',
  carried: 'none: dry camp',
};
export const TREATMENT_WORDS: Record<(typeof TREATMENTS)[number], string> = {
  filter: 'filtered',
  chemical: 'drops or tablets',
  none: 'drunk as it is',
  boilCdc: 'boiled (CDC rule)',
  boilEpa: 'boiled (EPA rule)',
};
export const RESTRICTION_WORDS: Record<Restriction, string> = {
  unknown: 'not looked up',
  none: 'no restriction',
  noOpenFlame: 'no open flame',
  noFlame: 'no flame at all',
};
export const packageName = (id: PackageId): string => PACKAGES[id].name;
