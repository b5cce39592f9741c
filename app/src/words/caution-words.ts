import { wordsOf, type WordsByCode } from './by-code';
import type { Caution } from '@tinder/core/planning/planned';
import type { Units } from './units';

const CAUTION_WORDS: WordsByCode<'code', Caution, [units: Pick<Units, 'text'>]> = {
  screenAroundCan:
    'Foil all round a stove on its canister traps heat: feel the canister often, it may never be more than barely warm, and see what the maker’s manual allows.',
  hotCan: (c, units) =>
    `The canister will reach about ${units.text(c.canC, 'temperature')}: 50 °C is the limit printed on it. Stop and let it cool.`,
  carbonMonoxide: 'Do not cook in the tent, even in cold or wind: carbon monoxide kills without a smell, and nylon burns.',
  jointLeaks: 'Valve shut, screw on upright, listen and smell before lighting.',
  bathNotHot: 'A tepid bath only: a canister is never to be more than barely warm to the skin.',
  turnCanWhenHot: 'Turn the canister over only when the tube is hot: before, it flares.',
  invisibleFlame: 'An alcohol flame cannot be seen by day: hold a hand high above before touching anything.',
  refuelCold: 'Never refuel a stove that is lit or still hot.',
  methanol: 'Methanol is poisonous, through the skin too: mark the bottle, keep it from the water.',
  primeOutside: 'Prime in the open: it flares, and petrol does so more. Only the fuel the maker names.',
  meltingSleeve: 'At this flame the heat up the side melts cozies, handles and plastic lids: remove it or turn down.',
  overfull: (c, units) =>
    `${units.text(c.waterMl, 'volume')} leaves no headspace: this pot takes ${units.text(c.roomMl, 'volume')}. Fill it off the stove, and less.`,
  tallOnNarrow: (c, units) =>
    `${units.text(c.heightMm, 'length')} high on supports about ${units.text(c.spanMm, 'length')} across tips easily: level ground, hand on the handle.`,
  openFlameBan: 'Under a ban on open flame this stove is usually out, having no shut-off valve. Check with the land manager.',
};

/** The usual cautions, plainly. They defer to the maker's manual, local law and the land manager. */
export function cautionWords(c: Caution, units: Pick<Units, 'text'>): string {
  return wordsOf(CAUTION_WORDS, 'code', c, units);
}
