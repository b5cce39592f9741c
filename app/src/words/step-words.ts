import type { BurnerFamily } from '@tinder/core/catalogue';
import { formatDuration } from '@tinder/core/units';
import type { Step, StepDo } from '@tinder/core/walk';
import type { Units } from './units';
import { waterWords } from './water-words';

const LIGHT: Partial<Record<BurnerFamily, string>> = {
  openAlcohol: 'Hold the flame to the edge of the spirit, from the side.',
  tablet: 'Light the tablet at its edge and wait until it burns all over.',
  gel: 'Light the gel from the side.',
  wood: 'Light it at the top and let it draw.',
};
const OUT: Partial<Record<BurnerFamily, string>> = {
  openAlcohol: 'Let it burn out, or put the snuffer over it.',
  simmerAlcohol: 'Put the snuffer over it.',
  tablet: 'Let it burn out, or snuff it under a cup and keep the rest.',
  liquid: 'Shut the pump valve and let the line burn empty.',
  gel: 'Put the lid over it.',
  wood: 'Let it burn down, then drown it.',
};
const AFTER: Partial<Record<BurnerFamily, string>> = {
  openAlcohol: 'Count and pack: stove cold and empty, bottle shut and upright.',
  simmerAlcohol: 'Count and pack: stove cold and sealed, bottle shut and upright.',
  tablet: 'Count and pack: tray cold, the rest wrapped.',
  liquid: 'Let the pressure out, count and pack.',
  gel: 'Lid on, cold, count and pack.',
  wood: 'Feel the ashes cold, scatter them, count and pack.',
};

/** One step as it is read at the stove, large. */
export function stepWords(what: StepDo, cupMarkMl: number | null, units: Pick<Units, 'text'>): string {
  switch (what.code) {
    case 'place':
      return what.screen === 'none'
        ? 'Find the lee and a level place.'
        : `Find the lee and a level place; windscreen ${what.screen === 'open' ? 'round two thirds, open behind' : 'ready'}.`;
    case 'water':
      return `Pour ${waterWords(what.waterMl, cupMarkMl, units)} into the pot, lid on.`;
    case 'snow':
      return what.starter
        ? `A cup of water into the pot; clean snow for ${waterWords(what.waterMl, cupMarkMl, units)} within reach, stirred in as it melts.`
        : `A little clean snow into the pot, more within reach, for ${waterWords(what.waterMl, cupMarkMl, units)}: a low flame and stirring, or it scorches.`;
    case 'tin':
      return 'Open the tin first: a closed one bursts.';
    case 'screwOn':
      return 'Valve shut. Screw the stove on upright, hand-tight. Listen, smell.';
    case 'lockPot':
      return 'Lock the pot on; hand on it until it stands.';
    case 'remoteDown':
      return 'Spread the legs, hose straight, can an arm’s length away.';
    case 'dose':
      return what.ml > 0
        ? `Measure ${units.text(what.ml, 'volume')} of spirit into the cold stove.`
        : 'Measure the spirit into the cold stove.';
    case 'bottleAway':
      return 'Shut the bottle and put it well away.';
    case 'tablets':
      return `Lay ${what.count} ${what.count === 1 ? 'tablet' : 'tablets'} in the tray.`;
    case 'openGel':
      return 'Open the tin; keep its lid at hand.';
    case 'layWood':
      return 'Dry twigs, finger-thick at most, standing loosely; bark or birch below.';
    case 'pump':
      return 'Pump as often as the manual says. Look at every joint.';
    case 'prime':
      return 'Let a spoon of fuel into the cup, shut, light it, wait until it is nearly gone.';
    case 'light':
      return LIGHT[what.family] ?? 'Flame to the stove first, then open the valve a little.';
    case 'bloom':
      return 'Wait until it burns all over.';
    case 'openValve':
      return 'Open slowly; blue and steady is right.';
    case 'potOn':
      return what.setting === null ? 'Pot on, in the middle.' : `Pot on, in the middle; flame at ${Math.round(100 * what.setting)} %.`;
    case 'pan':
      return `Fry for ${what.minutes} min, a drop of water dances when the pan is ready.`;
    case 'heat':
      return what.rolling
        ? 'Until it boils rolling, bubbles all over.'
        : what.targetC > 92
          ? 'Until it boils, bubbles all over.'
          : what.targetC >= 80
            ? 'Until small bubbles and steam run up the wall, no further.'
            : 'Until it steams and is too hot for a finger.';
    case 'hold':
      return `${what.rolling ? 'Keep it rolling' : 'Turn down, keep it just moving'} for ${formatDuration(what.minutes * 60)}.`;
    case 'out':
      return OUT[what.family] ?? 'Shut the valve. Listen: silent?';
    case 'stirIn':
      return `Stir in ${units.text(what.dryG, 'mass')}, to the corners.`;
    case 'wrap':
      return 'Flame out? Wrap it.';
    case 'rest':
      return `Let it rest ${what.minutes} min, lid on.`;
    case 'eat':
      return 'Try it with the spoon, then eat.';
    case 'after':
      return AFTER[what.family] ?? 'Unscrew outdoors when cold, count and pack.';
  }
}

/** What a timer is called where it runs. */
export const timerName = ({ do: what }: Step): string =>
  what.code === 'rest'
    ? 'rest'
    : what.code === 'bloom'
      ? 'bloom'
      : what.code === 'prime'
        ? 'priming'
        : what.code === 'hold'
          ? 'hold'
          : 'flame';
