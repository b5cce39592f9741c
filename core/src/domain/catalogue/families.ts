import type { BurnerFamily } from './burners';

/** How a family of burners is used, in the order a walker meets it (common practice). The maker's manual goes first. */
export interface FamilyUse {
  lit: string;
  primed: string;
  dosed: string;
  turnedDown: string;
  putOut: string;
  cannot: string;
}

const gas = { lit: 'valve shut, screw on upright, listen, open a little, light', dosed: 'by the valve' };

export const FAMILY_USE: Record<BurnerFamily, FamilyUse> = {
  canisterTop: {
    ...gas,
    primed: 'not needed',
    turnedDown: 'to about a fifth, less steadily in wind',
    putOut: 'close the valve',
    cannot: 'run on a canister near or below its blend’s boiling point. Never put it inside a closed windscreen',
  },
  regulated: {
    ...gas,
    primed: 'not needed',
    turnedDown: 'finely',
    putOut: 'close the valve',
    cannot: 'make pressure the canister does not have: it keeps its flame longer, then fails as others do',
  },
  remote: {
    ...gas,
    primed: 'upright until the tube is hot, then turn the can over',
    turnedDown: 'with a delay',
    putOut: 'close the valve, the tube burns empty',
    cannot: 'be turned over cold: it flares',
  },
  locked: {
    ...gas,
    primed: 'not needed',
    turnedDown: 'a little; it is made for boiling',
    putOut: 'close the valve',
    cannot: 'take other pots or fry',
  },
  openAlcohol: {
    lit: 'pour, light, wait for the jets; the flame is invisible by day',
    primed: '20 to 60 s of bloom; below 7 °C warm the fuel or use a primer pan, below 0 °C both',
    dosed: 'before lighting, in whole measures',
    turnedDown: 'not at all',
    putOut: 'burns out, or is covered with a snuffer cup',
    cannot: 'simmer. Never refill it while lit or hot, and never use it under a ban on open flame',
  },
  simmerAlcohol: {
    lit: 'pour, light, wait for the jets; the flame is invisible by day',
    primed: 'as an open one',
    dosed: 'before lighting; what is left is kept under its gasket lid',
    turnedDown: 'with the ring, lifted on with the flame out of the way',
    putOut: 'drop the lid on',
    cannot: 'be turned off by a valve. Never refill it while lit or hot, and never use it under a ban on open flame',
  },
  tablet: {
    lit: 'hold a flame to an edge, out of the wind',
    primed: 'not needed',
    dosed: 'whole tablets',
    turnedDown: 'not at all',
    putOut: 'blow out a large tablet and keep it; small ones burn out',
    cannot: 'simmer, cook in wind or keep the pot clean. Never use it under a ban on open flame',
  },
  liquid: {
    lit: 'pump, spill a little into the cup, light, open when it has burnt down',
    primed: 'about 4 g a lighting',
    dosed: 'by the valve',
    turnedDown: 'to about a fifth',
    putOut: 'close the valve and let the line burn empty',
    cannot: 'be lit without priming. Never prime it in a tent',
  },
  gel: {
    lit: 'open the tin, light',
    primed: 'not needed',
    dosed: 'by the lid: cover it and keep the rest',
    turnedDown: 'half cover it',
    putOut: 'put the lid on',
    cannot: 'boil much in wind or cold. Never use it under a ban on open flame',
  },
  wood: {
    lit: 'dry twigs, top down',
    primed: 'a few minutes until it draws',
    dosed: 'by feeding it',
    turnedDown: 'by not feeding it',
    putOut: 'let it burn to ash, drown it, feel that it is cold',
    cannot: 'be counted on when wet, or keep the pot clean. Never use it under a fire ban',
  },
  none: {
    lit: 'nothing is lit',
    primed: 'nothing is primed',
    dosed: 'nothing is dosed',
    turnedDown: 'nothing is turned down',
    putOut: 'nothing to put out',
    cannot: 'make anything hot, melt snow or make water safe. Soak in a clean jar, and eat within 2 hours above 4 °C',
  },
};
