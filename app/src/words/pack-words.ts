import { wordsOf, type WordsByCode } from './by-code';
import type {
  HomeTask,
  MaterialCaution,
  PackGroup,
  PackingList,
  PackItem,
  PackPlace,
  PackSums,
  Pattern,
  PatternId,
} from '@tinder/core/output/pack';
import type { Container } from '@tinder/core/domain/carry';
import type { Meal } from '@tinder/core/domain/model';
import { formatDuration } from '@tinder/core/foundation/units';
import { containerWords } from './container-words';
import type { Units } from './units';
import { waterWords } from './water-words';

type Some = Pick<Units, 'text' | 'number'>;

export const PLACE_WORDS: Record<PackPlace, string> = {
  pot: 'in the pot',
  pack: 'in the pack',
  body: 'in your pocket',
  foodBag: 'in the food bag',
};
export const GROUP_WORDS: Record<PackGroup, string> = { kit: 'kit', fuel: 'fuel', food: 'food', water: 'water for the dry camp' };
const SUM_WORDS: Record<keyof PackSums, string> = {
  kitG: 'Base kit weight',
  dryG: 'With empty containers',
  cookingG: 'Starting weight',
  withFoodG: 'With food',
  allG: 'With food and water',
};

/** A container as it is loaded, by its own name where it has one. */
export function loadedWords(container: Container, units: Pick<Units, 'text'>): string {
  const words = containerWords(container, (value, quantity, decimals) => units.text(value, quantity, decimals));
  return container.own ? `${container.own.name}: ${words}` : words;
}

/** A line of the list. */
export const packItemWords = ({ group, name, container }: PackItem, units: Some): string =>
  container ? loadedWords(container, units) : group === 'water' ? GROUP_WORDS.water : name;

/** A line of the list as it is written everywhere: what, where, how much. */
export const listLine = (item: PackItem, units: Some): { words: string; place: string; mass: string } => ({
  words: packItemWords(item, units),
  place: PLACE_WORDS[item.place],
  mass: units.text(item.massG, 'mass'),
});
/** What it comes to, by every way of counting. */
export const sumLines = (sums: PackSums, units: Some): { name: string; mass: string }[] =>
  (Object.keys(SUM_WORDS) as (keyof PackSums)[]).map((key) => ({ name: SUM_WORDS[key], mass: units.text(sums[key], 'mass') }));

export const IGNITION_WORDS_OF: Record<PackingList['ignition'], string> = {
  apart: 'Two ways to light it, kept apart.',
  together: 'Both ways to light it ride together: keep one dry and in your pocket.',
  one: 'Only one way to light it: take a second, dry, elsewhere.',
  none: '',
  unknown: 'This kit was changed by hand: see that two ways to light it go along, one of them dry in your pocket.',
};

const TASK_WORDS: WordsByCode<'code', HomeTask, [units: Some]> = {
  bagPortions: (task) => `Bag and label ${task.packets} ${task.packets === 1 ? 'portion' : 'portions'} for the days out of ${task.stop}.`,
  dry: (task) => `Cook and dry at home: ${task.dishes.join(', ')}; ${formatDuration(60 * task.minutes)} of work for one portion each.`,
  markBottles: (task) =>
    `Mark ${task.count} ${task.count === 1 ? 'bottle' : 'bottles'} for spirit: what is in it, that it is poison, and the doses (a strip is under “Templates”).`,
  checkMeasure: (task, units) =>
    `Check the ${units.text(task.measureMl, 'volume')} measure once with a scale: ten measures of water weigh ${units.text(10 * task.measureMl, 'mass')}.`,
  checkCup: (task, units) => `Check the cup once with a scale: water to one mark weighs ${units.text(task.markMl, 'mass')}.`,
  burnTest: (task) => `Burn ${task.kit} three times in the garden, and once in wind: the bench makes it your own and the reserve smaller.`,
  weighCans: (task) => `Weigh the ${task.count} part-used ${task.count === 1 ? 'container' : 'containers'} that come along.`,
  post: (task) =>
    `Post the box to ${task.stop}${task.note ? ` (${task.note})` : ''}. Ask the carrier what may be posted: most take no gas.`,
};

/** What to do at home. */
export function taskWords(task: HomeTask, units: Some): string {
  return wordsOf(TASK_WORDS, 'code', task, units);
}

/** What stands on a bag of food: its weight, the water it wants and how long it rests. */
export function labelWords(meal: Meal, cupMarkMl: number | null, units: Some): string {
  const dry = units.text(meal.dryG + meal.fatG, 'mass');
  if (!meal.hot) return `${dry}${meal.kcal > 0 ? `, ${Math.round(meal.kcal)} kcal` : ''}`;
  const heat =
    meal.target.kind === 'stopAt'
      ? `at ${units.text(meal.target.targetC, 'temperature')}`
      : meal.target.kind === 'boil'
        ? 'boiling'
        : 'fried';
  const held = meal.simmerMin > 0 ? `, ${meal.simmerMin} min` : '';
  return `${dry}; ${waterWords(meal.waterMl, cupMarkMl, units)} ${heat}${held}, rest ${meal.restMin} min`;
}

export const PATTERN_WORDS: Record<PatternId, string> = {
  windscreen: 'windscreen, a strip round the pot',
  cone: 'cone, round pot and alcohol stove',
  stand: 'stand, a ring under the pot',
  cozyWall: 'cozy, the wall',
  cozyDisc: 'cozy, foot and lid: cut two',
  doseStrip: 'dose strip, upright on the bottle',
  floatStrip: 'float strip, upright on the canister',
};
export const MATERIAL_WORDS: Record<MaterialCaution, string> = {
  edges: 'Cut sheet has sharp edges: fold them over, wear gloves.',
  noGalvanised: 'No galvanised sheet: heated zinc poisons the air.',
  noLinedCans: 'No canisters with a plastic lining: it burns.',
  openOnCan: 'Never close a windscreen round a stove on its canister: the lee third stays open, and the canister stays cool to the hand.',
  foamMelts: 'Foam melts and burns: put the flame out before the cozy goes on.',
  checkByWater: 'Check the printer by the rule, then the strip with water on a scale, before trusting it.',
};

/** What is written beside a pattern. */
export function measuresWords({ id, measures }: Pattern, units: Some): string {
  const mm = (x: number): string => `${x.toFixed(1)} mm`;
  switch (id) {
    case 'cone':
      return `outer radius ${mm(measures['outerMm'])}, inner ${mm(measures['innerMm'])}, ${measures['degrees'].toFixed(1)}°, overlap ${mm(measures['overlapMm'])}`;
    case 'doseStrip':
      return `a mark every ${units.text(measures['stepMl'], 'volume')}${measures['mlPerMm'] > 3.5 ? `; this vessel is wide: a millimetre is ${measures['mlPerMm'].toFixed(1)} mL, too coarse for doses` : ''}`;
    case 'floatStrip':
      return `a millimetre is ${measures['gramsPerMm'].toFixed(2)} g`;
    default:
      return Object.entries(measures)
        .filter(([, x]) => x > 0)
        .map(([name, x]) => `${name.replace(/Mm$/, '').replace('length', 'long').replace('height', 'high')} ${mm(x)}`)
        .join(', ');
  }
}
