import Papa from 'papaparse';

/** What a table holds: good rows, and those left out by line of the file (1-based) with every reason. */
export interface CsvRows<T> {
  good: T[];
  bad: { line: number; reasons: string[] }[];
  /** Set where nothing can be read at all. */
  refused?: 'noColumns' | 'empty';
}
export type RowRead<T> = { value: T } | { reasons: string[] };

/** A table as CSV (RFC 4180) with a heading. */
export const writeCsv = (columns: readonly string[], rows: readonly (readonly unknown[])[]): string =>
  Papa.unparse({ fields: [...columns], data: rows.map((r) => [...r]) }, { newline: '\r\n' }) + '\r\n';

/** The heading of a table, trimmed. */
export const csvColumns = (text: string): string[] => Papa.parse<string[]>(text.trim(), { preview: 1 }).data[0]?.map((h) => h.trim()) ?? [];

/** Reads a table with a heading; comma, semicolon or tab. A broken row is named by its line and kept out; the good ones stay. */
export function readCsv<T>(text: string, needed: readonly string[], readRow: (row: Record<string, string>) => RowRead<T>): CsvRows<T> {
  const parsed = Papa.parse<Record<string, string>>(text.trim(), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (h) => h.trim(),
  });
  const fields = parsed.meta.fields ?? [];
  const hasColumns = needed.every((c) => fields.includes(c));
  if (text.trim() === '') return { good: [], bad: [], refused: 'empty' };
  if (!hasColumns) return { good: [], bad: [], refused: 'noColumns' };
  if (!parsed.data.length) return { good: [], bad: [], refused: 'empty' };
  const rows: CsvRows<T> = { good: [], bad: [] };
  parsed.data.forEach((row, i) => {
    const read = readRow(row);
    if ('value' in read) rows.good.push(read.value);
    else rows.bad.push({ line: i + 2, reasons: read.reasons }); // the heading is line 1
  });
  return rows;
}

/** The numbers of a row that are filled in, by column; what is no number is a reason. A decimal comma is read. */
export function numbersOf(row: Record<string, string>, columns: readonly string[]): { values: Record<string, number>; reasons: string[] } {
  const values: Record<string, number> = {};
  const reasons: string[] = [];
  for (const key of columns) {
    const said = row[key]?.trim();
    if (!said) continue;
    const value = Number(said.replace(',', '.'));
    if (Number.isFinite(value)) values[key] = value;
    else reasons.push(`${key} is “${said}”, not a number`);
  }
  return { values, reasons };
}
