import { wordsOf, type WordsByCode } from './by-code';
import type { BurnerFamily } from '@tinder/core/domain/catalogue';
import { formatDuration } from '@tinder/core/foundation/units';
import type { Step, StepDo } from '@tinder/core/output/walk';
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

const STEP_WORDS: WordsByCode<'code', StepDo, [cupMarkMl: number | null, units: Pick<Units, 'text'>]> = {
  place: (what) =>
    what.screen === 'none'
      ? 'Find the lee and a level place.'
      : `Find the lee and a level place; windscreen ${what.screen === 'open' ? 'round two thirds, open behind' : 'ready'}.`,
  water: (what, cupMarkMl, units) => `Pour ${waterWords(what.waterMl, cupMarkMl, units)} into the pot, lid on.`,
  snow: (what, cupMarkMl, units) =>
    what.starter
      ? `A cup of water into the pot; clean snow for ${waterWords(what.waterMl, cupMarkMl, units)} within reach, stirred in as it melts.`
      : `A little clean snow into the pot, more within reach, for ${waterWords(what.waterMl, cupMarkMl, units)}: a low flame and stirring, or it scorches.`,
  tin: 'Open the tin first: a closed one bursts.',
  screwOn: 'Valve shut. Screw the stove on upright, hand-tight. Listen, smell.',
  lockPot: 'Lock the pot on; hand on it until it stands.',
  remoteDown: 'Spread the legs, hose straight, can an arm’s length away.',
  dose: (what, _cupMarkMl, units) =>
    what.ml > 0 ? `Measure ${units.text(what.ml, 'volume')} of spirit into the cold stove.` : 'Measure the spirit into the cold stove.',
  bottleAway: 'Shut the bottle and put it well away.',
  tablets: (what) => `Lay ${what.count} ${what.count === 1 ? 'tablet' : 'tablets'} in the tray.`,
  openGel: 'Open the tin; keep its lid at hand.',
  layWood: 'Dry twigs, finger-thick at most, standing loosely; bark or birch below.',
  pump: 'Pump as often as the manual says. Look at every joint.',
  prime: 'Let a spoon of fuel into the cup, shut, light it, wait until it is nearly gone.',
  light: (what) => LIGHT[what.family] ?? 'Flame to the stove first, then open the valve a little.',
  bloom: 'Wait until it burns all over.',
  openValve: 'Open slowly; blue and steady is right.',
  potOn: (what) =>
    what.setting === null ? 'Pot on, in the middle.' : `Pot on, in the middle; flame at ${Math.round(100 * what.setting)} %.`,
  pan: (what) => `Fry for ${what.minutes} min, a drop of water dances when the pan is ready.`,
  heat: (what) =>
    what.rolling
      ? 'Until it boils rolling, bubbles all over.'
      : what.targetC > 92
        ? 'Until it boils, bubbles all over.'
        : what.targetC >= 80
          ? 'Until small bubbles and steam run up the wall, no further.'
          : 'Until it steams and is too hot for a finger.',
  hold: (what) => `${what.rolling ? 'Keep it rolling' : 'Turn down, keep it just moving'} for ${formatDuration(what.minutes * 60)}.`,
  out: (what) => OUT[what.family] ?? 'Shut the valve. Listen: silent?',
  stirIn: (what, _cupMarkMl, units) => `Stir in ${units.text(what.dryG, 'mass')}, to the corners.`,
  wrap: 'Flame out? Wrap it.',
  rest: (what) => `Let it rest ${what.minutes} min, lid on.`,
  eat: 'Try it with the spoon, then eat.',
  after: (what) => AFTER[what.family] ?? 'Unscrew outdoors when cold, count and pack.',
};

/** One step as it is read at the stove, large. */
export function stepWords(what: StepDo, cupMarkMl: number | null, units: Pick<Units, 'text'>): string {
  return wordsOf(STEP_WORDS, 'code', what, cupMarkMl, units);
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
