import { done, refused, type Result } from '../../foundation/errors';
import { LIMITS, nameFrom, pieceSchema, type Piece, type Role } from '../model';
import { nearest } from '../../foundation/numeric';
import { PIECES } from './piece-catalogue';
import { parseQuantity, UNITS, type Unit } from '../../foundation/units';

/** One piece of a pasted list. */
export interface PastedPiece {
  name: string;
  massG: number;
  role: Role;
}
export interface PasteProblem {
  code: 'noWeight' | 'noName' | 'badWeight' | 'tooLong';
}
export interface PastedList {
  good: PastedPiece[];
  /** What could not be read, as it was written, with its line (1-based). */
  bad: { line: number; text: string; why: PasteProblem['code'] }[];
}

/** Words by which a walker names the job of a piece, the first that is found decides: "pot support" is no pot. */
const ROLE_WORDS: readonly [RegExp, Role][] = [
  [/\b(pot ?(stand|support)|stand|support|pegs?|trivet)\b/, 'support'],
  [/\b(can ?foot|can ?feet|tripod)\b/, 'canFoot'],
  [/\b(pot ?grip|gripper|grip|pliers)\b/, 'grip'],
  [/\b(wind ?(screen|shield)|foil|cone)\b/, 'windscreen'],
  [/\b(stove|burner)\b/, 'burner'],
  [/\b(adapter|adaptor)\b/, 'adapter'],
  [/\b(pump)\b/, 'pump'],
  [/\b(lid)\b/, 'lid'],
  [/\b(cozy|cosy|sleeve)\b/, 'cozy'],
  [/\b(pad|mat|reflector|base plate)\b/, 'pad'],
  [/\b(fuel|bottle|canister|can|cartridge|flask)\b(?!.*open)/, 'container'],
  [/\b(measure|syringe|dosing|beaker)\b/, 'measure'],
  [/\b(snuffer)\b/, 'snuffer'],
  [/\b(lighter|match(es)?|spark|striker|fire ?steel|igniter|piezo)\b/, 'ignition'],
  [/\b(spoon|spork|fork|spatula)\b/, 'spoon'],
  [/\b(scraper)\b/, 'scraper'],
  [/\b(opener)\b/, 'opener'],
  [/\b(pots?|kettle|pan|billy)\b/, 'pot'],
  [/\b(cup|mug|bowl)\b/, 'cup'],
  [/\b(bag|sack|stuff ?sack|pouch)\b/, 'bag'],
  [/\b(sponge|cloth|scrap|towel|scourer)\b/, 'scrap'],
];

/** The job that a name speaks of; odds and ends are repair bits. */
export function roleOfName(name: string): Role {
  const words = name.toLowerCase();
  return ROLE_WORDS.find(([pattern]) => pattern.test(words))?.[1] ?? 'repair';
}

/**
 * Reads a pasted list of weights: "pot 3.5 oz, burner 2.5 oz", one piece a line or parted by commas, semicolons or tabs within a
 * line. The weight stands before or behind the name; a bare number takes `fallback`. "spoon (long) – 12" is a spoon of 12.
 */
export function readWeights(text: string, fallback: Unit = UNITS.mass[0]!): PastedList {
  const list: PastedList = { good: [], bad: [] };
  text.split(/\r?\n/).forEach((row, i) => {
    if (row.length > LONGEST_ROW) return void list.bad.push({ line: i + 1, text: row.slice(0, LONGEST_ROW), why: 'tooLong' });
    for (const part of partsOf(row)) {
      const read = readPart(part, fallback);
      if (read.ok) list.good.push(read.value);
      else list.bad.push({ line: i + 1, text: part, why: read.problem.code });
    }
  });
  return list;
}

/** Characters of a line: no list of a walker's is longer, and patterns take their time over more. */
const LONGEST_ROW = 1000;

/** A comma between digits is a decimal comma; a tab parts a name from its weight, not two pieces. */
const partsOf = (row: string): string[] =>
  row
    .replace(/\s+/g, ' ')
    .split(/\s*(?:;|,(?!\d)|,\s+|\s\+\s)\s*/)
    .map((p) => p.trim())
    .filter(Boolean);

const UNIT_NAMES = UNITS.mass.flatMap((u) => u.names).sort((a, b) => b.length - a.length);
const WEIGHT = `\\d+(?:[.,]\\d+)?(?:\\s*(?:${UNIT_NAMES.join('|')})\\b)?(?:\\s+\\d+(?:[.,]\\d+)?\\s*oz\\b)?`;
const BEHIND = new RegExp(`^(.*?)[\\s:=–—-]*\\(?(?<![\\d.,])(${WEIGHT})\\)?\\.?$`, 'i');
const BEFORE = new RegExp(`^(${WEIGHT})[\\s:=–—-]+(.+)$`, 'i');

/** What stands for the name and what for the weight, whichever comes first; empty where there is none. */
function parted(part: string): { name: string; weight: string } {
  const [, name = '', weight = ''] = BEHIND.exec(part) ?? [];
  if (name.trim()) return { name, weight };
  const [, weightFirst = weight, nameLast = ''] = BEFORE.exec(part) ?? [];
  return { name: nameLast, weight: weightFirst };
}

function readPart(part: string, fallback: Unit): Result<PastedPiece, PasteProblem> {
  const { name, weight } = parted(part);
  if (!weight) return refused({ code: /\d/.test(part) ? 'badWeight' : 'noWeight' });
  if (!name.trim() || UNIT_NAMES.includes(name.trim().toLowerCase())) return refused({ code: 'noName' });
  const parsed = parseQuantity(weight, 'mass', fallback);
  const massG = parsed.ok ? parsed.value.value : Number.NaN;
  if (!(massG >= LIMITS.massG.min && massG <= LIMITS.massG.max)) return refused({ code: 'badWeight' });
  return done({ name: nameFrom(name), massG, role: roleOfName(name) });
}

const ANYTHING = /^/;
/** What a job needs to be known of its piece, by words in the name; the first that is found decides, the last is the usual one. */
const NEEDS: Partial<Record<Role, readonly [RegExp, Partial<Piece>][]>> = {
  burner: [
    [/alcohol|spirit/i, { burnerId: 'alcohol-open' }],
    [/tablet/i, { burnerId: 'tablet-single' }],
    [/wood/i, { burnerId: 'wood-box' }],
    [ANYTHING, { burnerId: 'gas-micro' }],
  ],
  windscreen: [
    [/cone/i, { windscreen: 'cone' }],
    [/foil/i, { windscreen: 'foil' }],
    [ANYTHING, { windscreen: 'folded' }],
  ],
  ignition: [
    [/match/i, { ignition: 'match' }],
    [/spark|steel|striker/i, { ignition: 'spark' }],
    [/piezo/i, { ignition: 'piezo' }],
    [ANYTHING, { ignition: 'lighter' }],
  ],
  pot: [
    [/alu/i, { material: 'aluminium' }],
    [/steel/i, { material: 'stainless' }],
    [ANYTHING, { material: 'titanium' }],
  ],
};

/**
 * A pasted piece with the least that its job needs, read from its name. Its measures are those of the usual piece of its kind that weighs most
 * nearly the same, and marked as assumed; the walker fills in the rest.
 */
export function pieceOfPasted({ name, massG, role }: PastedPiece, id: string): Piece {
  const needs = NEEDS[role]?.find(([pattern]) => pattern.test(name))?.[1] ?? {};
  const like = usualPiece(role, massG, needs);
  return pieceSchema.parse({
    id,
    name,
    role,
    massG,
    ...needs,
    ...(like ? { shape: like.shape, spanMm: like.spanMm, shapeAssumed: true } : {}),
  });
}

/** The catalogue's piece of that job, burning like it, screening like it, that weighs most nearly the same. */
function usualPiece(role: Role, massG: number, { burnerId, windscreen, ignition }: Partial<Piece>): Piece | undefined {
  const alike = PIECES.filter(
    (p) => p.role === role && p.burnerId === burnerId && p.windscreen === windscreen && (!ignition || p.ignition === ignition),
  );
  return alike.length ? nearest(alike, (p) => p.massG, massG) : undefined;
}
