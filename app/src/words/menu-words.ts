import { wordsOf, type WordsByCode } from './by-code';
import { WALKER_KCAL, type MethodProblem } from '@tinder/core/domain/menu';
import type { Method } from '@tinder/core/domain/model';
import type { Habit, HabitKind } from '@tinder/core/studies/study';
import { formatDuration, wholeNumber } from '@tinder/core/foundation/units';
import { WARMING_WORDS, WINDSCREEN_WORDS } from './choice-words';
import { measured } from './measured';
import type { Units } from './units';

const METHODS: Record<Method, string> = {
  boilPour: 'full boil, pour on',
  heatRest: 'heat to {88 °C} and rest',
  boilCozy: 'boil, then in a cozy',
  simmer: 'simmer',
  pastaPot: 'pasta pot, open, drained',
  homeDried: 'dried at home, boil and rest',
  coldSoak: 'cold soak',
  noCook: 'no cooking',
  hotDrink: 'hot drink',
  meltSnow: 'melt or warm only',
  makeSafe: 'boil to make safe',
  doseForget: 'dose and forget',
  fry: 'fry or bake',
};

/** How a dish is cooked, in the walker's language. */
export const methodWords = (method: Method, units: Pick<Units, 'text'>): string => measured(METHODS[method], units);

/** Why a kit cannot cook so, and what to do instead. */
export function methodProblemWords(p: MethodProblem, units: Pick<Units, 'text'>): string {
  const instead = `Instead: ${p.instead.map((m) => methodWords(m, units)).join(', or ')}.`;
  switch (p.code) {
    case 'noSimmer':
      return `This stove cannot be turned down: it boils on until it is out. ${instead}`;
    case 'potTooSmall':
      return `It fills ${units.text(p.needMl, 'volume')}; this pot takes ${units.text(p.roomMl, 'volume')} with headspace. Two potfuls, or a larger pot. ${instead}`;
    case 'noFryingOnIt':
      return `This stove heats its own pot only, or too little for a pan. ${instead}`;
    case 'noBurner':
      return `There is no stove in this kit. ${instead}`;
    case 'onlyDosed':
      return `A stove with a valve is turned off, not dosed. ${instead}`;
  }
}

const HABIT_WORDS: WordsByCode<'code', HabitKind, [units: Pick<Units, 'text'>]> = {
  stopAt88: (_kind, units) => measured('stop at {88 °C} instead of the boil', units),
  boilAll: 'bring everything to a real boil',
  lid: (kind) => (kind.on ? 'lid on' : 'lid off'),
  windscreen: (kind) => (kind.windscreen === 'none' ? 'no windscreen' : `windscreen: ${WINDSCREEN_WORDS[kind.windscreen]}`),
  flame: (kind) => `flame at ${Math.round(100 * kind.setting)} %`,
  warmCan: (kind) =>
    kind.warming === 'none' ? 'leave the canister at the temperature of the air' : `the canister ${WARMING_WORDS[kind.warming]}`,
  cozyForSimmer: 'cozy instead of simmering',
  filter: 'filter the water instead of boiling it safe',
  boilToTreat: 'boil the water to make it safe, no filter',
  homeDried: 'food dried at home instead of raw',
  rawFood: 'raw food simmered instead of dried at home',
  washUp: (kind) => (kind.on ? 'warm wash-up water every evening' : 'no wash-up water'),
  drink: (kind) => (kind.on ? 'a hot drink every evening' : 'no hot drink'),
  lighting: (kind) => (kind.one ? 'dinner, drink and wash-up in one lighting' : 'a lighting for each pot of water'),
  pot: (kind) => `pot: ${kind.name}`,
  breakfast: (kind) => (kind.hot ? 'breakfast hot' : 'breakfast cold'),
};

/** A habit the other way, as one would say it. */
export function habitWords(kind: HabitKind, units: Pick<Units, 'text'>): string {
  return wordsOf(HABIT_WORDS, 'code', kind, units);
}

const meals = (n: number): string => (n === 1 ? 'one meal' : `${n} meals`);

/** What a habit, or several together, come to. */
export type HabitEffect = Pick<Habit, 'containersG' | 'timeS' | 'mealsMended' | 'givenUp'>;

/** "17 min less, no container"; "390 g more out of the stops". */
export function habitEffectWords(h: HabitEffect, units: Pick<Units, 'text'>): string {
  const mended =
    h.mealsMended === 0
      ? []
      : [
          h.mealsMended > 0
            ? `mends ${meals(h.mealsMended)}`
            : `${meals(-h.mealsMended)} ${h.mealsMended === -1 ? 'fails' : 'fail'}: no saving, grams of what both cook`,
        ];
  const time = Math.abs(h.timeS) < 60 ? [] : [`${formatDuration(Math.abs(h.timeS))} ${h.timeS > 0 ? 'more' : 'less'}`];
  const containers =
    Math.abs(h.containersG) < 1
      ? 'no container'
      : `${units.text(Math.abs(h.containersG), 'mass')} ${h.containersG > 0 ? 'more' : 'less'} out of the stops`;
  const givenUp = h.givenUp > 0 ? [`${meals(h.givenUp)} given up`] : [];
  return [...mended, ...givenUp, ...time, containers].join(', ');
}

/** What walkers disagree about, said as such beside what the numbers say for this trip. */
export function schoolWords(kind: HabitKind, units: Pick<Units, 'text'>): string | undefined {
  switch (kind.code) {
    case 'stopAt88':
    case 'boilAll':
      return measured('Some trust only a boil; others never boil what is filtered anyway. {88 °C} is no water treatment.', units);
    case 'windscreen':
      return 'A windscreen has weight; without one you need more fuel in any wind.';
    case 'flame':
      return 'A small flame saves fuel; a large one saves time in the cold.';
    case 'boilToTreat':
    case 'filter':
      return 'A filter has weight and can freeze; boiling always works and takes fuel.';
    case 'homeDried':
    case 'rawFood':
      return 'Work at home against fuel on the trail.';
    case 'breakfast':
      return 'Nothing saves more fuel; not everybody can do without.';
    default:
      return undefined;
  }
}

/** Where a day has far less in it than a walker burns; undefined where it does not. */
export function thinDaysWords(kcalADay: number): string | undefined {
  const { from, to, farBelow } = WALKER_KCAL;
  if (kcalADay >= farBelow) return undefined;
  return `A day has ${wholeNumber(kcalADay)} kcal in it; a long-distance walker burns ${wholeNumber(from)} to ${wholeNumber(to)}. Snacks and lunches belong in the menu too: they are what weighs.`;
}
