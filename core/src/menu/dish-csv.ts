import { numbersOf, readCsv, writeCsv, type CsvRows, type RowRead } from '../archive/csv';
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

export type DishRows = CsvRows<Meal>;

/** Dishes as CSV. */
export const writeDishCsv = (dishes: readonly Meal[]): string =>
  writeCsv(
    DISH_COLUMNS,
    dishes.map((d) => DISH_COLUMNS.map((c) => d[c] ?? '')),
  );

/** Reads dishes from CSV. */
export const readDishCsv = (text: string): DishRows => readCsv(text, ['name', 'method'], readRow);

function readRow(row: Record<string, string>): RowRead<Meal> {
  const { values, reasons } = numbersOf(row, NUMBERS);
  const price = numbersOf(row, ['price']);
  reasons.push(...price.reasons);
  const method = METHODS.find((m) => m === row['method']?.trim());
  if (!method) reasons.push(`method is “${row['method'] ?? ''}”; it can be ${METHODS.join(', ')}`);
  if (reasons.length || !method) return { reasons };
  return checked(
    {
      name: row['name'],
      price: price.values['price'] ?? null,
      foams: row['foams'] === 'true',
      vessel: row['vessel']?.trim() || undefined,
      ...values,
    },
    method,
  );
}

function checked(values: Record<string, unknown>, method: Method): RowRead<Meal> {
  const parsed = mealSchema.safeParse({ hot: true, target: { kind: 'boil' }, waterMl: 300, ...values });
  if (!parsed.success) return { reasons: parsed.error.issues.map((i) => `${i.path.join('.')}: ${i.message}`) };
  const cooked = withMethod(parsed.data, method);
  const { waterMl, restMin, simmerMin, vessel } = parsed.data;
  return {
    value: {
      ...cooked,
      ...('waterMl' in values ? { waterMl } : {}),
      ...('restMin' in values ? { restMin } : {}),
      ...('simmerMin' in values ? { simmerMin } : {}),
      ...(values['vessel'] ? { vessel } : {}),
    },
  };
}
