import { fuelReadG, type Answer, type Confounder, type NoRanking, type ToShow, type Worth } from '@tinder/core/studies/bench';
import type { BenchTest, Calibrated, Calibration, CoolingTest, TestEnd, TestSeries } from '@tinder/core/domain/model';
import { formatDuration } from '@tinder/core/foundation/units';
import type { Units } from './units';

type Some = Pick<Units, 'text' | 'mealMass' | 'number'>;

export const END_WORDS: Record<TestEnd, string> = {
  reached: 'reached its target',
  stalled: 'stalled short of it',
  wentOut: 'went out',
  notLit: 'would not light',
};

/** What a test came to: "9.3 g in 6 min 10 s"; or how it ended, where it did not get there. */
export const testWords = (test: BenchTest, units: Some): string =>
  test.end === 'reached'
    ? `${units.mealMass(fuelReadG(test))} in ${formatDuration(test.seconds)}`
    : `it ${END_WORDS[test.end]} after ${formatDuration(test.seconds)}`;

/** What a pot wears while it cools. */
export const DRESS_WORDS: Record<CoolingTest['dress'], string> = {
  open: 'open',
  lid: 'lid on',
  sleeve: 'lid and cozy',
  cozy: 'in a cozy',
};

export const CONFOUNDER_WORDS: Record<Confounder, string> = {
  pot: 'the pot',
  burner: 'the stove',
  flame: 'the flame',
  sleeve: 'the cozy',
  water: 'the water',
  target: 'the target',
  endPoint: 'what counts as done',
  lid: 'the lid',
  probe: 'a probe in the pot',
  warmPot: 'a pot still warm',
  windscreen: 'the windscreen',
  fuel: 'the fuel',
  can: 'how full the canister is',
  canC: 'how warm the canister is',
  wind: 'the wind',
};

/** What is calibrated. */
export const FACTOR_WORDS: Record<Calibrated, { name: string }> = {
  head: { name: 'Heat into the pot' },
  flux: { name: 'Flame before heat is lost' },
  wind: { name: 'What wind takes' },
  power: { name: 'Power, fully open' },
};

const percentOf = (factor: number): number => Math.round(100 * (factor - 1));

/** What was found of a factor and between what it lies 95 times in 100, each as a share more (+) or less (−) than the catalogue has. */
export function factorSpread(name: Calibrated, calibration: Calibration, index: number): { found: number; low: number; high: number } {
  const factor = calibration.factors[name];
  const spread = Math.exp(1.96 * Math.sqrt(calibration.covariance[index][index]));
  return { found: factor - 1, low: factor / spread - 1, high: factor * spread - 1 };
}

/** "9 % more". */
export function shortFactorWords(factor: number): string {
  const p = percentOf(factor);
  return p === 0 ? 'same' : `${Math.abs(p)} % ${p > 0 ? 'more' : 'less'}`;
}

/** "8 % more than the catalogue has (2 % less to 19 % more)". */
export function factorWords(name: Calibrated, calibration: Calibration, index: number): string {
  const { found, low, high } = factorSpread(name, calibration, index);
  return `${shortFactorWords(1 + found)} (${shortFactorWords(1 + low)} to ${shortFactorWords(1 + high)})`;
}

/** Who uses less, by how much and how sure that is; or that nothing can be said, and what would show it. */
export function answerWords(answer: Answer, { nameA, nameB }: Pick<TestSeries, 'nameA' | 'nameB'>, units: Some): string {
  const { arms, fuel, refused, told, toShow } = answer;
  const failed = [
    arms.a.failed ? failedWords(nameA, arms.a.failed, arms.a.reached) : '',
    arms.b.failed ? failedWords(nameB, arms.b.failed, arms.b.reached) : '',
  ].filter(Boolean);
  if (failed.length) return `${failed.join(' ')} A burn that fails saves nothing: its side is not ranked by grams.`;
  if (refused) return refusedWords(refused, toShow, units);
  if (!fuel) return '';
  if (!told)
    return `Can’t tell ${nameA} and ${nameB} apart with this scale: ${spanWords(fuel.low, fuel.high, units)}. ${toShowWords(toShow, units)}`;
  const [less, more, by] = fuel.mean < 0 ? [nameA, nameB, -fuel.mean] : [nameB, nameA, fuel.mean];
  const ends = [Math.abs(fuel.low), Math.abs(fuel.high)].sort((x, y) => x - y);
  const of = Math.round((100 * by) / Math.max(0.1, fuel.mean < 0 ? arms.b.meanG : arms.a.meanG));
  return `${capital(less)} uses ${units.mealMass(by)} less (${units.number(ends[0], 'mass', 1)} to ${units.mealMass(ends[1])}) a burn than ${more}: ${of} %.`;
}

const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

const failedWords = (name: string, failed: number, reached: number): string =>
  `With ${name} ${failed} of ${failed + reached} did not get there.`;

const spanWords = (low: number, high: number, units: Some): string =>
  `anything from ${units.mealMass(Math.abs(low))} ${low < 0 ? 'less' : 'more'} to ${units.mealMass(Math.abs(high))} ${high < 0 ? 'less' : 'more'}`;

function refusedWords(refused: NoRanking, toShow: ToShow | undefined, units: Some): string {
  if (refused.code === 'noRuns') return 'Nothing is burnt on one of the two sides yet.';
  return refused.scaleTells
    ? 'One burn a side: they are further apart than this scale and the usual scatter between burns can make. By how much takes a second pair.'
    : `One burn a side, and no further apart than this scale and the usual scatter can make: they are not ranked. ${toShowWords(toShow, units)}`;
}

/** "6 pairs in all, or 1.5 L at a time, would show 1 g." */
export function toShowWords(toShow: ToShow | undefined, units: Some): string {
  if (!toShow) return '';
  const ways = [
    toShow.pairs === undefined ? '' : `${toShow.pairs} pairs in all`,
    toShow.waterMl === undefined ? '' : `${units.text(toShow.waterMl, 'volume')} at a time`,
  ].filter(Boolean);
  if (!ways.length) return `Not even many pairs would show ${units.mealMass(toShow.differenceG)} here: a finer scale would.`;
  return `${ways.join(', or ')}${ways.length > 1 ? ',' : ''} would show ${units.mealMass(toShow.differenceG)} a burn.`;
}

/** How the two compare by the watch. */
export function timeWords({ seconds }: Answer, { nameA, nameB }: Pick<TestSeries, 'nameA' | 'nameB'>): string {
  if (!seconds) return '';
  if (seconds.low <= 0 && seconds.high >= 0) return 'In time they cannot be told apart.';
  const [quick, by] = seconds.mean < 0 ? [nameA, -seconds.mean] : [nameB, seconds.mean];
  return `${capital(quick)} is ${formatDuration(by)} quicker.`;
}

/** That more than one thing differs, so that systems are compared. */
export function differsWords(differs: readonly Confounder[]): string {
  if (differs.length === 0) return 'Nothing differs between the two but chance.';
  const words = differs.map((c) => CONFOUNDER_WORDS[c]);
  if (differs.length === 1) return `Only ${words[0]} differs.`;
  return `More than one thing differs (${words.join(', ')}): this compares systems, not one part of them.`;
}

/** Is it worth carrying on this trip. */
export function worthWords({ savedG, lowG, highG, heavierG }: Worth, nameA: string, units: Some): string {
  const save = `On the leg that takes most fuel, cooked as in the test, ${nameA} would ${savedG >= 0 ? 'save' : 'cost'} ${units.text(Math.abs(savedG), 'mass')} of fuel (${units.number(lowG, 'mass')} to ${units.text(highG, 'mass')})`;
  const weight =
    Math.abs(heavierG) < 0.5
      ? 'and weighs the same.'
      : `and weighs ${units.text(Math.abs(heavierG), 'mass')} ${heavierG > 0 ? 'more' : 'less'}.`;
  const verdict =
    lowG > heavierG
      ? ' Worth its weight.'
      : highG < heavierG
        ? ' Not worth its weight here.'
        : ' Whether that is worth its weight is not clear yet.';
  return `${save} ${weight}${verdict}`;
}
