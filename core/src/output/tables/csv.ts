import Papa from 'papaparse';
import { done, refused, type Result } from '../../foundation/errors';
import type { BadValues, ValueProblem } from '../../domain/model';

/** What is wrong with a cell, or with what a row's cells make together. */
export type CellProblem =
  | { code: 'empty'; column: string }
  | { code: 'notANumber'; column: string; found: string }
  | { code: 'notOneOf'; column: string; found: string; allowed: readonly string[] }
  | { code: 'outside'; column: string; found: number; min: number; max: number }
  /** Nothing on the rack has that name. */
  | { code: 'unknownName'; column: string; found: string }
  /** Refused by the schema of what the row would become. */
  | { code: 'bad'; column: string; problem: ValueProblem };
export interface BadRow {
  code: 'badRow';
  cells: CellProblem[];
}
export type RowRead<T> = Result<T, BadRow>;

/** What a table holds: good rows, and those left out by line of the file (1-based) with every reason. */
export interface CsvRows<T> {
  good: T[];
  bad: { line: number; cells: CellProblem[] }[];
}
/** Why nothing can be read at all. */
export type CsvProblem = { code: 'emptyTable' } | { code: 'noColumns'; needed: readonly string[] };

/** A table as CSV (RFC 4180) with a heading; no cell of it is run by a spreadsheet. */
export const writeCsv = (columns: readonly string[], rows: readonly (readonly unknown[])[]): string =>
  Papa.unparse({ fields: [...columns], data: rows.map((r) => r.map(inert)) }, { newline: '\r\n' }) + '\r\n';

/** What spreadsheets take for the beginning of a formula, behind any apostrophes. */
const FORMULA = /^'*[=+\-@]/;

/** A text that a spreadsheet would run gets an apostrophe in front, which marks it as text there; numbers stay numbers. */
const inert = (cell: unknown): unknown =>
  typeof cell === 'string' && FORMULA.test(cell) && Number.isNaN(Number(cell)) ? `'${cell}` : cell;
/** And loses it again. */
const asWritten = (cell: string): string => (cell.startsWith("'") && FORMULA.test(cell) ? cell.slice(1) : cell);

/** The heading of a table, trimmed. */
export const csvColumns = (text: string): string[] => filledRows(text)[0]?.cells ?? [];

/** Reads a table with a heading; comma, semicolon or tab. A broken row is named by its line and kept out; the good ones stay. */
export function readCsv<T>(
  text: string,
  needed: readonly string[],
  readRow: (row: Record<string, string>, line: number) => RowRead<T>,
): Result<CsvRows<T>, CsvProblem> {
  const [heading, ...data] = filledRows(text);
  if (!heading || (needed.every((c) => heading.cells.includes(c)) && !data.length)) return refused({ code: 'emptyTable' });
  if (!needed.every((c) => heading.cells.includes(c))) return refused({ code: 'noColumns', needed });
  const rows: CsvRows<T> = { good: [], bad: [] };
  for (const { line, cells } of data) {
    const read = readRow(Object.fromEntries(heading.cells.map((column, i) => [column, cells[i] ?? ''])), line);
    if (read.ok) rows.good.push(read.value);
    else rows.bad.push({ line, cells: read.problem.cells });
  }
  return done(rows);
}

interface FilledRow {
  /** Where it begins, 1-based. */
  line: number;
  cells: string[];
}

/** Every row that is not blank, its cells trimmed. Lines are counted in the text itself: rows may be blank, and cells may run over several. */
function filledRows(text: string): FilledRow[] {
  const clean = text.replace(/^\uFEFF/, '');
  const rows: FilledRow[] = [];
  let line = 1;
  let at = 0;
  Papa.parse<string[]>(clean, {
    step: ({ data, meta }) => {
      const cells = data.map((c) => asWritten(c.trim()));
      if (cells.some((c) => c !== '')) rows.push({ line, cells });
      line += clean.slice(at, meta.cursor).split(/\r\n|\r|\n/).length - 1;
      at = meta.cursor;
    },
  });
  return rows;
}

/** The numbers of a row that are filled in, by column; what is no number is a problem. A decimal comma is read. */
export function numbersOf(
  row: Record<string, string>,
  columns: readonly string[],
): { values: Partial<Record<string, number>>; problems: CellProblem[] } {
  const values: Partial<Record<string, number>> = {};
  const problems: CellProblem[] = [];
  for (const column of columns) {
    const said = row[column];
    if (!said) continue;
    const value = Number(said.replace(',', '.'));
    if (Number.isFinite(value)) values[column] = value;
    else problems.push({ code: 'notANumber', column, found: said });
  }
  return { values, problems };
}

/** What a schema refused of a row, by the column it stands in. */
export const refusedBySchema = ({ issues }: BadValues): CellProblem[] =>
  issues.map((problem) => ({ code: 'bad', column: problem.path, problem }));
