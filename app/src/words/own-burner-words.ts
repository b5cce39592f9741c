import { ownBurner, type Calibration, type Kit } from '@tinder/core/domain/model';

/** "yours, from 6 burns". */
export const ownBurnerWords = ({ burns, simulated }: Calibration): string =>
  `yours, from ${burns} ${simulated ? 'simulated ' : ''}${burns === 1 ? 'burn' : 'burns'}`;

/** What a kit’s burner is by the walker’s tests, and was before; nothing where it is the catalogue’s. */
export function burnerOfKitWords(kit: Kit): string {
  const own = ownBurner(kit);
  if (!own) return '';
  const percent = Math.round(100 * (own.factors.head - 1));
  const heat = percent === 0 ? 'as much heat' : `${Math.abs(percent)} % ${percent > 0 ? 'more' : 'less'} heat`;
  return `The stove is ${ownBurnerWords(own)}: ${heat} into the pot than by the catalogue, which it was before`;
}
