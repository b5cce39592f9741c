import { fuelById } from '@tinder/core/physics/fuel';
import type { Look, LookHow, LookProblem, ShelfItem, ShelfKind } from '@tinder/core/domain/model';
import type { Disagreement, NotJoined, SaidProblem, Season, Stock } from '@tinder/core/domain/shelf';
import { wordsOf, type WordsByCode } from './by-code';
import { cut } from './quoted';
import { quantityProblemWords } from './quantity-words';
import { measured } from './measured';
import type { Units } from './units';
import { dateText } from './date-text';

export const SHELF_KIND_WORDS: Record<ShelfKind, string> = {
  canister: 'canister',
  gelTin: 'tin of gel',
  bottle: 'bottle of spirit',
  liquidBottle: 'liquid-fuel bottle',
  tablets: 'tablets',
};

export const SEASON_WORDS: Record<Season, string> = {
  deepCold: 'deep cold',
  threeSeasons: 'three seasons',
  summer: 'summer nights',
  stoveTest: 'stove tests only',
};

/** "40 g left ± 1, 40 % full". */
export function leftWords({ left, share, unknown }: Stock, units: Units): string {
  if (unknown) return 'nobody has looked: anything from empty to full';
  return `${units.text(left.massG, 'mass')} left ± ${units.number(left.sdG, 'mass')}, ${Math.round(100 * share)} % full`;
}

/** How cold it may get before what is left gives no usable flame. */
export function coldestWords(coldestC: number | undefined, season: Season, units: Units): string {
  if (coldestC === undefined) return measured('feeds no usable flame up to {30 °C}', units);
  return `runs down to ${units.text(coldestC, 'temperature')}: ${SEASON_WORDS[season]}`;
}

/** What it was bought for, and what a gram of it costs. */
export function priceWords(item: Pick<ShelfItem, 'price' | 'netG'>, perG: number | undefined, units: Units): string {
  if (item.price === null || perG === undefined) return 'price not known';
  return `${units.text(item.price, 'price')}, ${units.text(100 * perG, 'price')} for ${units.text(100, 'mass')}`;
}

export const LOOK_NAMES: Record<LookHow, string> = {
  weighed: 'weigh it',
  floated: 'float it',
  marked: 'mark its water line',
  risen: 'read its mark',
  balanced: 'balance it on a pole',
  burnt: 'count burned minutes',
  counted: 'count them',
  measured: 'pour it into a measure',
  walked: 'a trip took',
  joined: 'poured over',
};

/** One look, as it was written down. */
export const lookWords = (look: Look, units: Units): string => wordsOf(LOOK_WORDS, 'how', look, units);

const LOOK_WORDS: WordsByCode<'how', Look, [Units]> = {
  weighed: (l, u) =>
    `weighed ${u.text(l.grossG, 'mass')}, ± ${u.number(l.scaleSdG, 'mass')}${l.simulated ? ', simulated scale' : ''}${usedWords(l)}`,
  floated: (l, u) => `stood ${u.text(l.lowMm, 'length')} to ${u.text(l.highMm, 'length')} deep in water${usedWords(l)}`,
  marked: 'its water line was marked',
  risen: (l, u) => `stood ${u.text(l.risenMm, 'length', 1)} higher than at its mark${usedWords(l)}`,
  balanced: (l, u) =>
    `${u.text(l.canArmMm, 'length')} from the cord, ${u.text(l.waterG, 'mass')} of water at ${u.text(l.waterArmMm, 'length')}${usedWords(l)}`,
  burnt: (l, u) =>
    `${Math.round(l.minutes)} min of flame, ${u.text(l.minutes * l.gPerMin, 'mass')} by the clock, the canister at ${u.text(l.canC, 'temperature')}`,
  walked: (l, u) => `${u.text(l.fuelG, 'mass')} as planned on ${cut(l.trip)}`,
  joined: (l, u) =>
    l.fuelG >= 0
      ? `${u.text(l.fuelG, 'mass')} poured in from ${cut(l.with)}`
      : `${u.text(-l.fuelG, 'mass')} poured over into ${cut(l.with)}`,
  counted: (l) => `${l.count} counted${usedWords(l)}`,
  measured: (l, u) => `${u.text(l.fuelMl, 'volume')} in a measure${usedWords(l)}`,
};
const usedWords = ({ used }: { used: boolean }): string => (used ? ', used since the reading before' : '');

/** Two looks that cannot both be right. */
export function disagreementWords({ byG }: Disagreement, look: Look, units: Units): string {
  const how = byG < 0 ? 'less' : 'more';
  const ask = byG < 0 ? 'Used, leaked or spilt without being logged, or misread?' : 'Refilled, or misread?';
  return `The reading of ${dateText(look.on)} says ${units.text(Math.abs(byG), 'mass')} ${how} than the ones before it. ${ask} Until you say so, the lesser counts.`;
}

/** Why a look was not written down, and what to do. */
export function lookProblemWords(problem: LookProblem, units: Units): string {
  const g = (massG: number): string => units.text(massG, 'mass');
  switch (problem.code) {
    case 'lighterThanEmpty':
      return `${g(problem.grossG)} is less than the empty container (${g(problem.tareG)}). Weigh it as it stands, with what is in it; or mend its empty weight.`;
    case 'heavierThanFull':
      return `${g(problem.grossG)} is more than it weighs full (${g(problem.fullG)}). Take cap, foot and stove off it; or mend its size.`;
    case 'beforeTheLast':
      return `${dateText(problem.on)} is before the last reading, of ${dateText(problem.last)}. Choose a later day, or delete that reading first.`;
    case 'notForThis':
      return `Such a container cannot be looked at that way (${LOOK_NAMES[problem.how]}).`;
    case 'noMark':
      return 'Its water line was never marked: mark it once, at a weight you know, then read how far it has risen.';
    case 'moreThanItHolds':
      return `${g(problem.fuelG)} by the clock is more than it holds when full (${g(problem.netG)}). Check minutes and flow.`;
  }
}

/** Why a sentence about a container was not understood, and how to say it. */
export function saidProblemWords(problem: SaidProblem, units: Units): string {
  const example = `“230 g canister, weighs 293 g”, “500 mL spirit, holds 310 mL” or “9 tablets of 14 g”`;
  switch (problem.code) {
    case 'noKind':
      return `It begins with size and kind: ${example}.`;
    case 'noSize':
      return `How much does the ${SHELF_KIND_WORDS[problem.kind]} hold when new? Say its size first: ${example}.`;
    case 'unknownPart':
      return `“${cut(problem.part)}” says nothing here. After size and kind come “weighs 293 g”, “empty 150 g”, “holds 310 mL”, “costs 9” or “new”.`;
    case 'badQuantity':
      return `“${cut(problem.part)}” was not read. ${quantityProblemWords(problem.problem, problem.quantity, units.unit(problem.quantity).symbol)}`;
    case 'outside':
      return `Its ${problem.field === 'netG' ? 'size' : problem.field} is outside what can be kept here. Check number and unit.`;
    case 'badLook':
      return lookProblemWords(problem.problem, units);
  }
}

/** Why nothing is poured over. */
export function notJoinedWords(why: NotJoined, units: Units): string {
  switch (why.code) {
    case 'otherBlend':
      return 'another blend: never mixed';
    case 'full':
      return 'there is no room left for it';
    case 'onlyVapour':
      return `holds vapour only (${units.text(why.fuelG, 'mass', 1)})`;
  }
}

/** What is in it: the fuel's own name. */
export const fuelWords = ({ fuelId }: Pick<ShelfItem, 'fuelId'>): string => fuelById(fuelId).name;
