import type { ContrastId } from '@tinder/core/studies/bench';
import { measured } from './measured';
import type { Units } from './units';

interface ContrastSaid {
  asks: string;
  a: string;
  b: string;
}
const CONTRASTS: Record<ContrastId, ContrastSaid> = {
  lid: { asks: 'does the lid save fuel?', a: 'lid on', b: 'lid off' },
  windscreen: { asks: 'does a windscreen save fuel?', a: 'windscreen', b: 'no windscreen' },
  otherScreen: { asks: 'which windscreen shelters better?', a: 'the closest windscreen', b: 'the other one' },
  sleeve: { asks: 'does a cozy on the stove save fuel?', a: 'cozy on', b: 'cozy off' },
  lowFlame: { asks: 'is half a flame thriftier than a full one?', a: 'half a flame', b: 'full flame' },
  lowestFlame: { asks: 'is the lowest flame the thriftiest?', a: 'lowest flame', b: 'half a flame' },
  warmCan: { asks: 'does a warm canister matter?', a: 'warm canister', b: 'cold canister' },
  fullCan: { asks: 'does a full canister matter?', a: 'full canister', b: 'nearly empty canister' },
  titanium: { asks: 'does titanium waste fuel?', a: 'aluminium pot', b: 'titanium pot' },
  fins: { asks: 'do fins save fuel?', a: 'finned base', b: 'plain base' },
  widePot: { asks: 'is a wide pot thriftier?', a: 'wide pot', b: 'narrow pot' },
  notBoil: { asks: 'what does stopping short of the boil save?', a: 'stopped at {88 °C}', b: 'boiled' },
  oneLarge: { asks: 'is one litre cheaper than two halves?', a: 'a litre at once', b: 'two half litres' },
  warmWater: { asks: 'what does water warmed on the way save?', a: 'water at {20 °C}', b: 'water at {5 °C}' },
  snow: { asks: 'what does melting snow cost?', a: 'cold water', b: 'snow' },
  altitude: { asks: 'does height save fuel?', a: 'at {3000 m}', b: 'at the sea' },
  tablets: { asks: 'tablets or alcohol?', a: 'two tablets', b: 'alcohol' },
  alcoholGas: { asks: 'gas or alcohol?', a: 'gas', b: 'alcohol' },
  regulated: { asks: 'does a regulator save fuel in the cold?', a: 'regulated stove', b: 'plain stove' },
  bigBurner: { asks: 'is a big stove thriftier?', a: 'big stove', b: 'small stove' },
};

/** What a contrast asks, and what its two sides are called. */
export function contrastSaid(id: ContrastId, units: Pick<Units, 'text'>): ContrastSaid {
  const { asks, a, b } = CONTRASTS[id];
  return { asks, a: measured(a, units), b: measured(b, units) };
}
