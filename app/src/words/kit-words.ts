import type { BurnerFamily } from '@tinder/core/domain/catalogue';
import type { Result } from '@tinder/core/foundation/errors';
import type { Hint, HintCode, Mend, Misfit, NotPlannable, Standing } from '@tinder/core/domain/kit';
import type { Criterion, Ignites, Ignition, Piece, Role, Shape } from '@tinder/core/domain/model';
import { MOST_WIND_MPS, type Loss, type Upgrade } from '@tinder/core/studies/study';
import { wholeNumber, type Quantity } from '@tinder/core/foundation/units';
import { degrees } from './measured';
import { sentenceStart } from './sentence-start';
import type { Units } from './units';

type Format = Pick<Units, 'text'>;

export const ROLE_WORDS: Record<Role, string> = {
  burner: 'stove',
  adapter: 'adapter',
  pump: 'pump',
  support: 'stand',
  canFoot: 'canister foot',
  windscreen: 'windscreen',
  pot: 'pot',
  lid: 'lid',
  grip: 'pot grip',
  pad: 'pad',
  cozy: 'cozy',
  container: 'container',
  measure: 'measure',
  snuffer: 'snuffer',
  ignition: 'ignition',
  spoon: 'spoon',
  cup: 'cup or bowl',
  scraper: 'scraper',
  scrap: 'cleaning scrap',
  opener: 'tin opener',
  bag: 'bag',
  repair: 'repair and rest',
};

export const FAMILY_WORDS: Record<Exclude<BurnerFamily, 'none'>, string> = {
  canisterTop: 'canister stove',
  regulated: 'regulated stove',
  remote: 'remote canister stove',
  locked: 'stove locked to its pot',
  openAlcohol: 'open alcohol',
  simmerAlcohol: 'alcohol with a ring',
  tablet: 'tablets',
  liquid: 'liquid fuel',
  gel: 'gel',
  wood: 'wood',
};

export const HAVE_WORDS: Record<Piece['have'], string> = { own: 'owned', loan: 'on loan', wish: 'wished for' };
export const IGNITION_WORDS: Record<Ignition, string> = {
  lighter: 'lighter',
  piezo: 'piezo',
  match: 'match',
  stormMatch: 'storm match',
  spark: 'spark',
  arc: 'arc',
};
export const IGNITES_WORDS: Record<Ignites, string> = { damp: 'even damp', dry: 'only dry', no: 'not' };
export const SHAPE_WORDS: Record<Shape['kind'], string> = {
  cylinder: 'round',
  vessel: 'hollow, holds others',
  box: 'flat or square',
  sheet: 'a sheet to roll',
  soft: 'soft',
};

export const CRITERION_WORDS: Record<Criterion, string> = {
  hotMeals: 'hot meals cooked',
  carriedG: 'average carried weight',
  fuelG: 'fuel burnt',
  minutes: 'stove time',
  priceToBuy: 'still to buy',
  pricePerTrip: 'price of the trip',
  packedMl: 'packed size',
  simmer: 'turns down by',
  wind: 'wind it cooks in',
  cold: 'coldest it works in',
  toBeHad: 'stops that sell its fuel',
  fuss: 'little fuss',
  safety: 'safe when tired',
};
const CRITERION_QUANTITY: Record<Criterion, Quantity> = {
  hotMeals: 'percent',
  carriedG: 'mass',
  fuelG: 'mass',
  minutes: 'minutes',
  priceToBuy: 'price',
  pricePerTrip: 'price',
  packedMl: 'volume',
  simmer: 'percent',
  wind: 'speed',
  cold: 'temperature',
  toBeHad: 'percent',
  fuss: 'count',
  safety: 'count',
};
/** A measure in the walker's units. */
export function measureText(c: Criterion, value: number, units: Format): string {
  if (c === 'wind' && value >= MOST_WIND_MPS) return `${units.text(MOST_WIND_MPS, 'speed')} and more`;
  return inUnits(c, value, units);
}
const inUnits = (c: Criterion, value: number, units: Format): string =>
  c === 'minutes' ? `${wholeNumber(value)} min` : units.text(value, CRITERION_QUANTITY[c]);

/** A difference with its sign: "+38 g", "−12 %". */
export function differenceText(c: Criterion, value: number, units: Pick<Units, 'text' | 'unit'>): string {
  const text = c === 'cold' ? degrees(value, units, Math.abs(value) < 2 ? 1 : 0) : inUnits(c, Math.abs(value), units);
  return `${value < 0 ? '−' : '+'}${text}`;
}

const HINT_WORDS: Record<HintCode, (about: string) => string> = {
  noBurner: () => 'There is a pot and no stove.',
  noPot: () => 'There is a stove and no pot.',
  noLid: () => 'No lid: it burns more and boils later.',
  nothingLights: () => 'Nothing in it lights this stove.',
  noSpareIgnition: (about) => `No spare ignition: all hangs on the ${about}.`,
  failsDamp: (about) => `When damp, nothing lights: the ${about} works only dry.`,
  noOpener: (about) => `“${about}” is on the menu and there is no tin opener.`,
  cannotSimmer: (about) => `The stove cannot simmer, and “${about}” simmers.`,
  notSold: (about) => `From ${about} on its fuel is not to be had at several stops in a row.`,
  noMeasure: () => 'No measure for the alcohol: doses would be guessed.',
  scratches: (about) => `The pot is coated: the ${about} scratches it.`,
  noSupport: () => 'Nothing holds the pot over this stove.',
  noContainer: () => 'No bottle for the alcohol.',
  noSpoon: () => 'No spoon.',
  noCozy: (about) => `“${about}” rests in a cozy, and there is none.`,
  wornOut: (about) => `The ${about} is worn out by its number of trips.`,
};
export const hintWords = (h: Hint): string => HINT_WORDS[h.code](h.about ?? '');

export function mendWords(mend: Mend, units: Format): string {
  switch (mend.kind) {
    case 'add': {
      const have = mend.piece.have === 'wish' ? 'to buy' : HAVE_WORDS[mend.piece.have];
      const massG = mend.piece.ownMassG ?? mend.piece.massG;
      return `${mend.insteadOf ? 'Take instead:' : 'Add'} ${mend.piece.name}, ${units.text(massG, 'mass')} (${have})`;
    }
    case 'cozyDishes':
      return 'Boil those dishes and let them rest in a cozy';
    case 'postBox':
      return `Post a box to ${mend.stopName}`;
    case 'renew':
      return 'Replaced: count from new';
  }
}

export const NOT_PLANNABLE_WORDS: Record<NotPlannable['code'] | 'kitGone', string> = {
  noBurner: 'it has a pot and no stove',
  noPot: 'it has a stove and no pot',
  kitGone: 'it is not on the rack any more',
};
/** What a kit lacks to be planned with; undefined where nothing is lacking, or nothing was asked yet. */
export const lackWords = (answer: Result<unknown, { code: keyof typeof NOT_PLANNABLE_WORDS }> | undefined): string | undefined =>
  answer && !answer.ok ? NOT_PLANNABLE_WORDS[answer.problem.code] : undefined;

export function misfitWords(m: Misfit, units: Format): string {
  const by = m.byMm === undefined ? '' : units.text(Math.max(0.1, m.byMm), 'length', m.byMm < 10 ? 1 : 0);
  switch (m.why) {
    case 'kept':
      return 'kept outside as you asked';
    case 'width':
      return `too wide by ${by}`;
    case 'height':
      return `too tall by ${by}`;
    case 'room':
      return 'no room left for it';
  }
}

/** "90 × 70 mm", "82 × 45 × 40 mm". */
export function sizeText(shape: Shape, units: Format): string {
  const mm = (x: number) => units.text(x, 'length').replace(/[^\d.,]+$/, '');
  const unit = units.text(0, 'length').replace(/^[\d.,]+/, '');
  switch (shape.kind) {
    case 'cylinder':
    case 'vessel':
      return `Ø ${mm(shape.diameterMm)} × ${mm(shape.heightMm)}${unit}`;
    case 'box':
      return `${mm(shape.lengthMm)} × ${mm(shape.widthMm)} × ${mm(shape.heightMm)}${unit}`;
    case 'sheet':
      return `${mm(shape.lengthMm)} × ${mm(shape.heightMm)}${unit}`;
    case 'soft':
      return `about ${units.text(shape.volumeMl, 'volume')}`;
  }
}

/** How the kit stands, in sentences; warnings first. */
export function standingWords(s: Standing, units: Format): { words: string; bad: boolean }[] {
  const mm = (x: number) => units.text(x, 'length');
  const list: { words: string; bad: boolean }[] = [];
  if (s.tower) {
    const foot = s.tower.footed ? 'its foot' : `a ${s.tower.canNetG} g canister`;
    const words = `${mm(s.tower.heightMm)} from the ground to the rim on ${mm(s.tower.footMm)} of ${foot}`;
    list.push({ words: s.tower.tips ? `Tall: ${words}. Level it, or add a foot.` : `Stands well: ${words}.`, bad: s.tower.tips });
  }
  if (s.onSupport) {
    const { potMm, spanMm, overhangMm, tips } = s.onSupport;
    const over = overhangMm > 0 ? `, ${mm(overhangMm)} over on each side` : '';
    list.push({ words: `${tips ? 'Tips easily: a' : 'A'} pot of ${mm(potMm)} on arms of ${mm(spanMm)}${over}.`, bad: tips });
  }
  if (s.largest) {
    const { name, fillMl, roomMl, fits } = s.largest;
    const words = `${name}: ${units.text(fillMl, 'volume')} of the ${units.text(roomMl, 'volume')} it may be filled to`;
    list.push({ words: fits ? `The fullest dish, ${words}.` : `Boils over: ${words}.`, bad: !fits });
  }
  return list.sort((a, b) => Number(b.bad) - Number(a.bad));
}

/** What is gone: "the small gas stove", "the 230 g canister". */
export function lostName(loss: Loss, units: Format): string {
  if (loss.what.kind === 'piece') return loss.what.piece.name;
  const c = loss.what.container;
  switch (c.kind) {
    case 'canister':
      return `${c.netG} g canister #${loss.what.index + 1}`;
    case 'bottle':
    case 'liquidBottle':
      return `bottle ${loss.what.index + 1}, ${units.text(c.fillMl, 'volume', 0)}`;
    case 'tablets':
      return 'the tablets';
    case 'gelTin':
      return 'tin of gel';
  }
}

export function lossMendWords(mend: NonNullable<Loss['mend']>, units: Format): string {
  const g = units.text(mend.massG, 'mass');
  switch (mend.words) {
    case 'spare':
      return `a spare ${mend.piece?.name ?? ''}, ${g}`;
    case 'split':
      return `the same fuel in one more container, ${g}`;
    case 'spareCan':
      return `a spare, ${g}`;
  }
}

/** What a lighter piece replaces, or what stays at home. */
export const upgradeWords = ({ from, to }: Upgrade): string =>
  to ? `${sentenceStart(to.name)} instead of ${from.name}` : `Leave at home: ${from.name}`;

/** What a change of gear costs, as a cell and at the end of a sentence. */
export function upgradeCostWords({ price }: Upgrade, units: Format): { cost: string; costs: string } {
  if (price === undefined) return { cost: 'not known', costs: 'price not known' };
  if (price === 0) return { cost: 'nothing', costs: 'nothing to buy' };
  const cost = units.text(price, 'price');
  return { cost, costs: `for ${cost}` };
}

/** "the pot, the lid or the stove". */
export const orWords = (names: readonly string[]): string => new Intl.ListFormat('en', { type: 'disjunction' }).format(names);

export interface WorstLoss {
  hotMealsLost: number;
  /** What costs as many meals: "the pot or the small gas stove". */
  names: string;
  /** The fewest grams that would mend one of them. */
  mend: Loss['mend'];
}
/** The worst single loss; undefined where none costs a hot meal. Losses come worst first. */
export function worstLoss(list: readonly Loss[], units: Format): WorstLoss | undefined {
  const hotMealsLost = list[0]?.hotMealsLost ?? 0;
  if (hotMealsLost === 0) return undefined;
  const equal = list.filter((l) => l.hotMealsLost === hotMealsLost);
  const [mend] = equal.flatMap((l) => l.mend ?? []).sort((a, b) => a.massG - b.massG);
  const names = orWords(equal.map((l) => lostName(l, units)));
  return { hotMealsLost, names, mend };
}
