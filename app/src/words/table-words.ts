import { megabytes } from './file-words';
import type { CellProblem, CsvProblem, CsvRows, RackTable, UnknownTable, ShelfTable } from '@tinder/core/output/tables';
import type { PastedList } from '@tinder/core/domain/kit';
import { wholeNumber } from '@tinder/core/foundation/units';
import type { TooLarge } from '../workers/file-reader';
import { quoted } from './quoted';
import { valueProblemWords } from './value-problem-words';

/** What is wrong with a cell of a table, and what it can be. */
export function cellProblemWords(p: CellProblem): string {
  switch (p.code) {
    case 'empty':
      return `${p.column} is empty`;
    case 'notANumber':
      return `${p.column} is ${quoted(p.found)}, not a number`;
    case 'notOneOf':
      return `${p.column} is ${quoted(p.found)}; it can be ${p.allowed.join(', ')}`;
    case 'outside':
      return `${p.column} is ${p.found}; it goes from ${p.min} to ${p.max}`;
    case 'unknownName':
      return p.column === 'piece'
        ? `no piece on the rack is called ${quoted(p.found)}: read the pieces first`
        : `no ${p.column} is called ${quoted(p.found)}`;
    case 'bad':
      return valueProblemWords(p.problem);
  }
}

/** The rows that were left out, a line each. */
export const badRowWords = ({ bad }: Pick<CsvRows<unknown>, 'bad'>): { line: number; words: string }[] =>
  bad.map(({ line, cells }) => ({ line, words: cells.map(cellProblemWords).join('; ') }));

const rows = (n: number, one: string, many: string): string => `${wholeNumber(n)} ${n === 1 ? one : many}`;

/** What a table of dishes offers, or why it was not taken. */
export function dishTableWords(file: string, read: { good: readonly unknown[]; bad: readonly unknown[] }): string {
  const left = read.bad.length ? `, ${read.bad.length} cannot` : '';
  return `${file}: ${rows(read.good.length, 'dish', 'dishes')} can be taken${left}. Nothing has changed yet.`;
}

/** What a table of the rack offers. */
export function rackTableWords(file: string, { count, kind, bad }: Pick<RackTable, 'count' | 'kind' | 'bad'>): string {
  const left = bad.length ? `, ${bad.length} cannot` : '';
  return `${file}: ${rows(count, 'row', 'rows')} of ${kind} can be taken${left}. Nothing has changed yet.`;
}

/** What a table of containers offers. */
export function shelfTableWords(file: string, { count, bad }: Pick<ShelfTable, 'count' | 'bad'>): string {
  const left = bad.length ? `, ${bad.length} cannot` : '';
  return `${file}: ${rows(count, 'container', 'containers')} can be taken${left}. Nothing has changed yet.`;
}

/** Why a table was not taken at all. */
export function tableProblemWords(file: string, problem: CsvProblem | UnknownTable | TooLarge): string {
  switch (problem.code) {
    case 'emptyTable':
      return `${file} was not taken: it holds no row.`;
    case 'noColumns':
      return `${file} was not taken: it needs a heading with at least the columns ${problem.needed.join(' and ')}.`;
    case 'tooLarge':
      return `${file} was not taken: it is ${megabytes(problem.bytes)}, above ${megabytes(problem.limitBytes)}. Cut it in parts.`;
    case 'unknownTable':
      return `${file} was not taken: its heading needs “name, role, massG” for pieces, “kit, piece” for kits, “criterion, weight, kit, points” for scores.`;
  }
}

/** Why a pasted weight was not read, and how to write it. */
export const PASTE_PROBLEM_WORDS: Record<PastedList['bad'][number]['why'], string> = {
  noWeight: 'no weight in it. Write it as “pot 90 g”.',
  tooLong: 'longer than any piece is called. Break the line.',
  noName: 'a weight without a name. Write what it is.',
  badWeight: 'the weight cannot be read. Write it as “90 g” or “3.5 oz”.',
};
