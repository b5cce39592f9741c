import { numbersOf, readCsv, refusedBySchema, writeCsv, type CsvProblem, type CsvRows, type RowRead } from './csv';
import { done, refused, type Result } from '../../foundation/errors';
import { mealSchema, METHODS, readAs, type Meal, type Method } from '../../domain/model';
import { withMethod } from '../../domain/menu';

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

export type DishRows = CsvRows<Meal>;

/** Dishes as CSV. */
export const writeDishCsv = (dishes: readonly Meal[]): string =>
  writeCsv(
    DISH_COLUMNS,
    dishes.map((d) => DISH_COLUMNS.map((c) => d[c] ?? '')),
  );

/** Reads dishes from CSV. */
export const readDishCsv = (text: string): Result<DishRows, CsvProblem> => readCsv(text, ['name', 'method'], readRow);

function readRow(row: Record<string, string>): RowRead<Meal> {
  const { values, problems } = numbersOf(row, NUMBERS);
  const price = numbersOf(row, ['price']);
  problems.push(...price.problems);
  const method = METHODS.find((m) => m === row['method']);
  if (!method) problems.push({ code: 'notOneOf', column: 'method', found: row['method'] ?? '', allowed: METHODS });
  if (problems.length || !method) return refused({ code: 'badRow', cells: problems });
  return checked(
    {
      name: row['name'],
      price: price.values['price'] ?? null,
      foams: row['foams'] === 'true',
      vessel: row['vessel'] || undefined,
      ...values,
    },
    method,
  );
}

function checked(values: Record<string, unknown>, method: Method): RowRead<Meal> {
  const read = readAs(mealSchema, { hot: true, target: { kind: 'boil' }, waterMl: 300, ...values });
  if (!read.ok) return refused({ code: 'badRow', cells: refusedBySchema(read.problem) });
  const cooked = withMethod(read.value, method);
  const { waterMl, restMin, simmerMin, vessel } = read.value;
  return done({
    ...cooked,
    ...('waterMl' in values ? { waterMl } : {}),
    ...('restMin' in values ? { restMin } : {}),
    ...('simmerMin' in values ? { simmerMin } : {}),
    ...(values['vessel'] ? { vessel } : {}),
  });
}
