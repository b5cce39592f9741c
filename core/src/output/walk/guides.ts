import type { BurnerFamily } from '../../domain/catalogue';
import type { Hazard } from '../../planning/planned';

/** What may be wrong at the stove. */
export const TROUBLES = [
  'burnt',
  'inTent',
  'leaks',
  'valveStays',
  'roarThenSilence',
  'yellowOrLifting',
  'weakCold',
  'wontLight',
  'noBloom',
  'flameUnseen',
  'boiledOver',
  'tabletCrumbles',
  'pumpWontHold',
  'wetLighter',
] as const;
export type Trouble = (typeof TROUBLES)[number];

/** A short guide: what can hurt first, then checks in order, then whether it ends with the stove put away for good. */
export interface Guide {
  trouble: Trouble;
  /** Burners that it is about; absent for all. */
  families?: readonly BurnerFamily[];
  hazards: readonly Hazard[];
  /** Checks in order; each is a sentence of its own. */
  checks: readonly Check[];
  /** A broken part that holds pressure or fuel is never used again: stop, ask the maker, replace it. */
  thenStop: boolean;
}
export type Check =
  | 'coolWater20'
  | 'noIce'
  | 'getHelp'
  | 'smother'
  | 'flameOutNow'
  | 'everybodyOut'
  | 'outIfSafe'
  | 'airAndLie'
  | 'shutValve'
  | 'awayFromFlame'
  | 'waitForGas'
  | 'soapOrListen'
  | 'sealRing'
  | 'carryOut'
  | 'letBurnOut'
  | 'unscrewOutdoors'
  | 'letPressureOut'
  | 'standBack'
  | 'lowerFlame'
  | 'cleanJet'
  | 'screenMoreOpen'
  | 'lee'
  | 'warmCanByHand'
  | 'otherCan'
  | 'turnDownWait'
  | 'canEmpty'
  | 'flameToBurner'
  | 'dryStriker'
  | 'breathless'
  | 'primeAnew'
  | 'primerOrWarm'
  | 'shallowFill'
  | 'thinSpirit'
  | 'handHighAbove'
  | 'waitDoseTime'
  | 'lidAjar'
  | 'wipeWhenCold'
  | 'foilTray'
  | 'crumbsTogether'
  | 'oilLeather'
  | 'noPressureNoUse'
  | 'secondLight'
  | 'matchesBody'
  | 'warmLighter';

const GAS: readonly BurnerFamily[] = ['canisterTop', 'regulated', 'locked', 'remote'];
const SPIRIT: readonly BurnerFamily[] = ['openAlcohol', 'simmerAlcohol'];

/** In the order in which one would want to see them: what hurts people first (domain of common practice; the maker's manual goes before it). */
export const GUIDES: readonly Guide[] = [
  { trouble: 'burnt', hazards: ['steamScalds'], checks: ['smother', 'coolWater20', 'noIce', 'getHelp'], thenStop: false },
  { trouble: 'inTent', hazards: ['noTent'], checks: ['everybodyOut', 'outIfSafe', 'airAndLie', 'getHelp'], thenStop: false },
  {
    trouble: 'leaks',
    families: [...GAS, 'liquid'],
    hazards: ['hissMeansGas', 'jointLeaks'],
    checks: ['shutValve', 'awayFromFlame', 'waitForGas', 'sealRing', 'soapOrListen', 'carryOut'],
    thenStop: true,
  },
  {
    trouble: 'valveStays',
    families: GAS,
    hazards: ['hissMeansGas', 'neverMoveLit'],
    checks: ['standBack', 'letBurnOut', 'unscrewOutdoors', 'carryOut'],
    thenStop: true,
  },
  {
    trouble: 'valveStays',
    families: ['liquid'],
    hazards: ['hissMeansGas', 'neverMoveLit'],
    checks: ['standBack', 'letBurnOut', 'letPressureOut', 'carryOut'],
    thenStop: true,
  },
  {
    trouble: 'roarThenSilence',
    families: [...GAS, 'liquid'],
    hazards: ['hissMeansGas'],
    checks: ['shutValve', 'waitForGas', 'lee', 'flameToBurner'],
    thenStop: false,
  },
  {
    trouble: 'yellowOrLifting',
    families: [...GAS, 'liquid'],
    hazards: ['noTent'],
    checks: ['lowerFlame', 'lee', 'screenMoreOpen', 'shutValve', 'cleanJet'],
    thenStop: false,
  },
  {
    trouble: 'weakCold',
    families: GAS,
    hazards: ['screenOffCan'],
    checks: ['warmCanByHand', 'turnDownWait', 'otherCan', 'lee', 'canEmpty'],
    thenStop: false,
  },
  {
    trouble: 'wontLight',
    families: GAS,
    hazards: ['hissMeansGas'],
    checks: ['shutValve', 'waitForGas', 'dryStriker', 'flameToBurner', 'otherCan', 'cleanJet'],
    thenStop: false,
  },
  {
    trouble: 'wontLight',
    families: ['liquid'],
    hazards: ['hissMeansGas', 'primeFlares'],
    checks: ['shutValve', 'waitForGas', 'dryStriker', 'primeAnew', 'cleanJet'],
    thenStop: false,
  },
  {
    trouble: 'noBloom',
    families: SPIRIT,
    hazards: ['neverRefuelHot', 'flameUnseen'],
    checks: ['handHighAbove', 'lee', 'primerOrWarm', 'shallowFill', 'thinSpirit'],
    thenStop: false,
  },
  {
    trouble: 'flameUnseen',
    families: [...SPIRIT, 'gel'],
    hazards: ['flameUnseen', 'neverRefuelHot'],
    checks: ['handHighAbove', 'waitDoseTime'],
    thenStop: false,
  },
  {
    trouble: 'boiledOver',
    families: [...GAS, 'liquid'],
    hazards: ['hissMeansGas', 'hotHandles', 'steamScalds'],
    checks: ['shutValve', 'waitForGas', 'wipeWhenCold', 'lidAjar', 'lowerFlame'],
    thenStop: false,
  },
  {
    trouble: 'boiledOver',
    families: [...SPIRIT, 'gel', 'tablet', 'wood'],
    hazards: ['hotHandles', 'steamScalds', 'flameUnseen'],
    checks: ['flameOutNow', 'wipeWhenCold', 'lidAjar'],
    thenStop: false,
  },
  {
    trouble: 'tabletCrumbles',
    families: ['tablet'],
    hazards: ['tabletFumes', 'cleanHands'],
    checks: ['crumbsTogether', 'foilTray', 'breathless'],
    thenStop: false,
  },
  {
    trouble: 'pumpWontHold',
    families: ['liquid'],
    hazards: ['pressureOff', 'primeFlares'],
    checks: ['flameOutNow', 'oilLeather', 'sealRing', 'noPressureNoUse'],
    thenStop: true,
  },
  {
    trouble: 'wetLighter',
    hazards: ['sparkNeedsVapour'],
    checks: ['secondLight', 'matchesBody', 'warmLighter', 'dryStriker'],
    thenStop: false,
  },
];

/** Guides for a burner, what hurts people first. */
export const guidesFor = (family: BurnerFamily): Guide[] => GUIDES.filter((g) => !g.families || g.families.includes(family));
