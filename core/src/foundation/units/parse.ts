import { done, refused, type Result } from '../errors';
import { toCore, UNITS, type Quantity, type Unit } from './units';

/** What a typed quantity meant: its value in the core's unit, and the unit it was meant in. */
export interface Reading {
  value: number;
  unit: Unit;
  unitTyped: boolean;
}
/** Why it could not be read. */
export type QuantityProblem =
  | { code: 'empty' | 'noNumber' }
  | { code: 'unknownUnit'; typed: string; quantity: Quantity }
  | { code: 'otherQuantity'; typed: string; quantity: Quantity; other: Quantity }
  | { code: 'pairDisagrees'; first: string; second: string };
export type Parsed = Result<Reading, QuantityProblem>;

const FRACTIONS: Record<string, number> = { '½': 0.5, '¼': 0.25, '¾': 0.75, '⅓': 1 / 3, '⅔': 2 / 3, '⅛': 0.125 };
const FRACTION_CHARS = Object.keys(FRACTIONS).join('');
/** A number: "1/2", "1 1/2", "1½", "½", "1.5", "1,5", "1,200", "-3". */
const NUMBER = new RegExp(
  `^([-−+])?\\s*(?:(\\d+)\\s+(\\d+)\\s*/\\s*(\\d+)|(\\d+)\\s*/\\s*(\\d+)|(\\d[\\d.,]*)?\\s*([${FRACTION_CHARS}])|(\\d[\\d.,]*|[.,]\\d+))`,
);
/** Two readings of one value that differ by more than this share (or 1.5 degrees) are questioned. */
const PAIR_SHARE = 0.03;
const PAIR_DEGREES = 1.5;

/**
 * Reads what a walker types into a field of `quantity`: "2 cups", "16oz", "65F", "1½ cup", "3 lb 4 oz", "60 F / 16 C".
 * A bare number takes `fallback`. The value comes back in the core's unit.
 */
export function parseQuantity(text: string, quantity: Quantity, fallback: Unit): Parsed {
  const clean = text.trim();
  if (clean === '') return refused({ code: 'empty' });
  const pair = splitPair(clean);
  if (!pair) return parseSum(clean, quantity, fallback);
  const first = parseSum(pair[0], quantity, fallback);
  const second = parseSum(pair[1], quantity, fallback);
  if (!first.ok) return first;
  if (!second.ok) return second;
  const [a, b] = [first.value.value, second.value.value];
  const gap = Math.abs(a - b);
  const allowed = quantity === 'temperature' ? PAIR_DEGREES : PAIR_SHARE * Math.max(Math.abs(a), Math.abs(b));
  return gap <= allowed ? first : refused({ code: 'pairDisagrees', first: pair[0], second: pair[1] });
}

/** "60 F / 20 C" is a pair; "1/2 cup" and "10 km/h" are not: both sides must start with a number and the first must hold a unit. */
function splitPair(text: string): [string, string] | undefined {
  const m = /^(.*[^\d\s/].*?)\s*(?:\/|=)\s*([-−+]?\d.*)$/.exec(text);
  return m && NUMBER.test(m[1]!) ? [m[1]!.trim(), m[2]!.trim()] : undefined;
}

/** One number with a unit, or several that add up ("3 lb 4 oz"). */
function parseSum(text: string, quantity: Quantity, fallback: Unit): Parsed {
  let rest = text.trim();
  let total = 0;
  let last: { unit: Unit; unitTyped: boolean } | undefined;
  while (rest !== '') {
    const part = takePart(rest);
    if (!part) return refused({ code: 'noNumber' });
    const { number, typed } = part;
    ({ rest } = part);
    if (typed === '' && (rest !== '' || last)) return refused({ code: 'noNumber' });
    const unit = typed === '' ? fallback : findUnit(typed, quantity);
    if (!unit) return unknown(typed, quantity);
    total += last ? number * unit.factor : toCore(number, unit);
    last = { unit, unitTyped: typed !== '' };
  }
  return last ? done({ value: total, ...last }) : refused({ code: 'noNumber' });
}

/** The number that a text begins with, the name of a unit behind it, and what follows both. */
function takePart(text: string): { number: number; typed: string; rest: string } | undefined {
  const m = NUMBER.exec(text);
  const number = m ? readNumber(m) : Number.NaN;
  if (!m || !Number.isFinite(number)) return undefined;
  const behind = text.slice(m[0].length).trimStart();
  const name = /^[^\d+−-]*(?:(?<=cm)3)?/.exec(behind)?.[0] ?? '';
  return { number, typed: name.trim(), rest: behind.slice(name.length).trimStart() };
}

function unknown(typed: string, quantity: Quantity): Parsed {
  const other = (Object.keys(UNITS) as Quantity[]).find((q) => q !== quantity && findUnit(typed, q));
  return refused(other ? { code: 'otherQuantity', typed, quantity, other } : { code: 'unknownUnit', typed, quantity });
}

function findUnit(typed: string, quantity: Quantity): Unit | undefined {
  const name = typed.toLowerCase().replace(/[°º.]/g, '').replace(/\s+/g, ' ').trim();
  return UNITS[quantity].find((u) => u.names.includes(name));
}

function readNumber(m: RegExpExecArray): number {
  const sign = m[1] && m[1] !== '+' ? -1 : 1;
  if (m[2]) return sign * (Number(m[2]) + Number(m[3]) / Number(m[4]));
  if (m[5]) return (sign * Number(m[5])) / Number(m[6]);
  if (m[8]) return sign * ((m[7] ? decimal(m[7]) : 0) + (FRACTIONS[m[8]] ?? Number.NaN));
  return sign * decimal(m[9]!);
}

/** "1,200" and "12,500" are thousands; "1,5" is a decimal comma. */
function decimal(text: string): number {
  if (/^\d{1,3}(,\d{3})+(\.\d+)?$/.test(text)) return Number(text.replaceAll(',', ''));
  return Number(text.replace(',', '.'));
}
