import type { Measured, ValueProblem } from '@tinder/core/domain/model';
import { plainNumber } from '@tinder/core/foundation/units';
import { cut, quoted } from './quoted';

const KINDS: Record<string, string> = {
  number: 'a number',
  string: 'text',
  boolean: 'yes or no',
  array: 'a list',
  object: 'a group of values',
  record: 'a group of values',
  null: 'nothing',
  nan: 'no number',
  int: 'a whole number',
};
const kind = (name: string): string => KINDS[name] ?? name;
const amount = (n: number, of: Measured): string => plainNumber(n) + (of === 'text' ? ' characters' : of === 'list' ? ' entries' : '');

/** Values named of a list of what is allowed, before the rest is only counted. */
const MOST_ALLOWED = 8;

/** What is wrong with a value that was read, and what belongs there: "trips.0.trip.reservePercent is text; it must be a number". */
export function valueProblemWords(p: ValueProblem): string {
  const where = p.path ? cut(p.path) : 'The whole of it';
  switch (p.code) {
    case 'missing':
      return `${where} is missing`;
    case 'wrongKind':
      return `${where} is ${kind(p.found)}; it must be ${kind(p.expected)}`;
    case 'tooMuch':
      return `${where} is above ${amount(p.most, p.of)}, the most it can be`;
    case 'tooLittle':
      return `${where} is below ${amount(p.least, p.of)}, the least it can be`;
    case 'notOneOf': {
      const more = p.allowed.length - MOST_ALLOWED;
      return `${where} can be ${p.allowed.slice(0, MOST_ALLOWED).map(cut).join(', ')}${more > 0 ? ` or ${more} others` : ''} only`;
    }
    case 'unknownKeys':
      return `${where} holds ${quoted(p.keys[0] ?? '')}${p.keys.length > 1 ? ` and ${p.keys.length - 1} more` : ''}, which is not known here`;
    case 'rule':
      return `${where}: ${cut(p.words)}`;
  }
}
