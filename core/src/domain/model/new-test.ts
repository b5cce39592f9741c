import { CANISTER_SIZES } from '../carry';
import type { BenchTest, TestEnd, TestSetup } from './bench-schema';
import type { Kit } from './kit-schema';

/** A first setup: half a litre in the garden, calm, a can half full, a scale that shows grams. */
export const newSetup = (kitName: string, kit: Kit): TestSetup => ({
  kitName,
  kit,
  waterMl: 500,
  waterC: 15,
  snow: false,
  target: { kind: 'boil' },
  airC: 15,
  altitudeM: 0,
  wind: { kind: 'words', word: 'steady' },
  indoors: false,
  can: { netG: CANISTER_SIZES[1]!.netG, fuelLeftG: Math.round(CANISTER_SIZES[1]!.netG / 2), canC: 15 },
  scale: { resolutionG: 1, ownSdG: null },
  isWet: false,
  endPoint: 'eye',
  probeIn: false,
  warmPot: false,
  fan: false,
});

/** What was read of a burn. */
export interface Read {
  fuel: BenchTest['fuel'];
  seconds: number;
  end: TestEnd;
}

/** A test as it is kept, with nothing said of it yet. */
export const newTest = (id: string, on: string, setup: TestSetup, read: Read, more: Partial<BenchTest> = {}): BenchTest => ({
  id,
  on,
  setup,
  seriesId: null,
  arm: null,
  tries: 1,
  sputtered: false,
  boiledOver: false,
  curve: [],
  garden: null,
  setAside: false,
  note: '',
  ...read,
  ...more,
});
