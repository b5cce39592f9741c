import type { Caution } from '@tinder/core/planned';
import type { Units } from './units';

/** The usual cautions, plainly. They defer to the maker's manual, local law and the land manager. */
export function cautionWords(c: Caution, units: Pick<Units, 'text'>): string {
  switch (c.code) {
    case 'screenAroundCan':
      return 'Foil all round a stove on its canister traps heat: feel the canister often, it may never be more than barely warm, and see what the maker’s manual allows.';
    case 'hotCan':
      return `The canister will reach about ${units.text(c.canC, 'temperature')}: 50 °C is the limit printed on it. Stop and let it cool.`;
    case 'carbonMonoxide':
      return 'Do not cook in the tent, even in cold or wind: carbon monoxide kills without a smell, and nylon burns.';
    case 'jointLeaks':
      return 'Valve shut, screw on upright, listen and smell before lighting.';
    case 'bathNotHot':
      return 'A tepid bath only: a canister is never to be more than barely warm to the skin.';
    case 'turnCanWhenHot':
      return 'Turn the canister over only when the tube is hot: before, it flares.';
    case 'invisibleFlame':
      return 'An alcohol flame cannot be seen by day: hold a hand high above before touching anything.';
    case 'refuelCold':
      return 'Never refuel a stove that is lit or still hot.';
    case 'methanol':
      return 'Methanol is poisonous, through the skin too: mark the bottle, keep it from the water.';
    case 'primeOutside':
      return 'Prime in the open: it flares, and petrol does so more. Only the fuel the maker names.';
    case 'meltingSleeve':
      return 'At this flame the heat up the side melts cozies, handles and plastic lids: remove it or turn down.';
    case 'overfull':
      return `${units.text(c.waterMl, 'volume')} leaves no headspace: this pot takes ${units.text(c.roomMl, 'volume')}. Fill it off the stove, and less.`;
    case 'tallOnNarrow':
      return `${units.text(c.heightMm, 'length')} high on supports about ${units.text(c.spanMm, 'length')} across tips easily: level ground, hand on the handle.`;
    case 'openFlameBan':
      return 'Under a ban on open flame this stove is usually out, having no shut-off valve. Check with the land manager.';
  }
}
