import Papa from 'papaparse';
import { mealSchema, METHODS, type Meal, type Method } from '../archive/kit-schema';
import { withMethod } from './methods';

/** Columns of a dish table, in the order they are written. */
export const DISH_COLUMNS = [
  'name',
  'method',
  'waterMl',
  'dryG',
  'packagingG',
  'kcal',
  'restMin',
  'simmerMin',
  'vessel',
  'foams',
  'fatG',
  'price',
  'homeMin',
] as const;
const NUMBERS = ['waterMl', 'dryG', 'packagingG', 'kcal', 'restMin', 'simmerMin', 'fatG', 'homeMin'] as const;

export interface DishRows {
  good: Meal[];
  /** Rows left out, by line of the file (1-based), each with every reason. */
  bad: { line: number; reasons: string[] }[];
  /** Set where nothing can be read at all. */
  refused?: 'noColumns' | 'empty';
}

/** Dishes as CSV (RFC 4180) with a heading. */
export function writeDishCsv(dishes: readonly Meal[]): string {
  const rows = dishes.map((d) => DISH_COLUMNS.map((c) => d[c] ?? ''));
  return Papa.unparse({ fields: [...DISH_COLUMNS], data: rows }, { newline: '\r\n' }) + '\r\n';
}

/** Reads dishes from CSV; comma, semicolon or tab. A broken row is named by its line and kept out; the good ones stay. */
export function readDishCsv(text: string): DishRows {
  const parsed = Papa.parse<Record<string, string>>(text.trim(), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (h) => h.trim(),
  });
  const fields = parsed.meta.fields ?? [];
  if (!parsed.data.length) return { good: [], bad: [], refused: fields.includes('name') || text.trim() === '' ? 'empty' : 'noColumns' };
  if (!fields.includes('name') || !fields.includes('method')) return { good: [], bad: [], refused: 'noColumns' };
  const rows: DishRows = { good: [], bad: [] };
  parsed.data.forEach((row, i) => {
    const line = i + 2; // the heading is line 1
    const read = readRow(row);
    if ('reasons' in read) rows.bad.push({ line, reasons: read.reasons });
    else rows.good.push(read.meal);
  });
  return rows;
}

function readRow(row: Record<string, string>): { meal: Meal } | { reasons: string[] } {
  const reasons: string[] = [];
  const values: Record<string, number> = {};
  for (const key of NUMBERS) {
    const said = row[key]?.trim();
    if (!said) continue;
    const value = Number(said.replace(',', '.'));
    if (Number.isFinite(value)) values[key] = value;
    else reasons.push(`${key} is “${said}”, not a number`);
  }
  const method = METHODS.find((m) => m === row['method']?.trim());
  if (!method) reasons.push(`method is “${row['method'] ?? ''}”; it can be ${METHODS.join(', ')}`);
  const said = row['price']?.trim();
  const price = said ? Number(said.replace(',', '.')) : null;
  if (price !== null && !Number.isFinite(price)) reasons.push(`price is “${said}”, not a number`);
  if (reasons.length || !method) return { reasons };
  return checked(
    { name: row['name'], price, foams: row['foams'] === 'true', vessel: row['vessel']?.trim() || undefined, ...values },
    method,
  );
}

function checked(values: Record<string, unknown>, method: Method): { meal: Meal } | { reasons: string[] } {
  const parsed = mealSchema.safeParse({ hot: true, target: { kind: 'boil' }, waterMl: 300, ...values });
  if (!parsed.success) return { reasons: parsed.error.issues.map((i) => `${i.path.join('.')}: ${i.message}`) };
  const cooked = withMethod(parsed.data, method);
  const { waterMl, restMin, simmerMin, vessel } = parsed.data;
  return {
    meal: {
      ...cooked,
      ...('waterMl' in values ? { waterMl } : {}),
      ...('restMin' in values ? { restMin } : {}),
      ...('simmerMin' in values ? { simmerMin } : {}),
      ...(values['vessel'] ? { vessel } : {}),
    },
  };
}
