import { numbersOf, readCsv, refusedBySchema, writeCsv, type CsvProblem, type CsvRows, type RowRead } from './csv';
import { done, refused, type Result } from '../../foundation/errors';
import { readAs, shelfItemSchema, type Rack, type ShelfItem } from '../../domain/model';

/** The shelf as a table: a row for every look at a container, or one for a container nobody has looked at. */

const ITEM_WORDS = ['name', 'kind', 'fuelId', 'boughtAt', 'openedOn', 'story'] as const;
const ITEM_NUMBERS = ['netG', 'tareG', 'diameterMm', 'heightMm', 'price'] as const;
const BLEND = ['propane', 'isobutane', 'nButane'] as const;
const LOOK_WORDS = ['how', 'on', 'trip', 'with'] as const;
const LOOK_NUMBERS = [
  'grossG',
  'scaleSdG',
  'lowMm',
  'highMm',
  'risenMm',
  'waterG',
  'canArmMm',
  'waterArmMm',
  'minutes',
  'gPerMin',
  'canC',
  'fuelG',
  'count',
  'fuelMl',
] as const;
const YES = ['used', 'simulated'] as const;
export const SHELF_COLUMNS = ['id', ...ITEM_WORDS, ...ITEM_NUMBERS, ...BLEND, ...LOOK_WORDS, ...LOOK_NUMBERS, ...YES] as const;
const NEEDED = ['name', 'kind', 'fuelId', 'netG'] as const;

export const writeShelfCsv = (shelf: readonly ShelfItem[]): string =>
  writeCsv(
    SHELF_COLUMNS,
    shelf.flatMap((item) => (item.looks.length ? item.looks : [undefined]).map((look) => rowOf({ ...item, ...item.ownBlend }, look))),
  );

function rowOf(item: Record<string, unknown>, look: Record<string, unknown> | undefined): unknown[] {
  const cells: Record<string, unknown> = { ...item, ...look };
  return SHELF_COLUMNS.map((c) => {
    const cell = cells[c];
    return cell === true ? 'yes' : cell === false ? '' : (cell ?? '');
  });
}

/** What a table would make of the shelf. Nothing is changed until it is taken. */
export interface ShelfTable {
  kind: 'shelf';
  count: number;
  bad: CsvRows<unknown>['bad'];
  rack: Rack;
}

interface Row {
  line: number;
  /** The same for all rows of one container. */
  of: string;
  id: string;
  item: Record<string, unknown>;
  look?: Record<string, unknown>;
}

/** Reads a table into the shelf. A container of the same id, or of the same name and kind, is brought up to date, any other is added. */
export function readShelfCsv(text: string, rack: Rack, newId: () => string): Result<ShelfTable, CsvProblem> {
  const read = readCsv(text, NEEDED, readRow);
  if (!read.ok) return read;
  const containers = new Map<string, Row[]>();
  for (const row of read.value.good) {
    containers.set(row.of, [...(containers.get(row.of) ?? []), row]);
  }
  const bad = [...read.value.bad];
  const good: ShelfItem[] = [];
  for (const rows of containers.values()) {
    const { id, item } = rows[0]!;
    const own = rack.shelf.find((c) => c.id === id || (c.name === item['name'] && c.kind === item['kind']));
    const looks = rows.flatMap((r) => r.look ?? []);
    const whole = readAs(shelfItemSchema, { ...item, id: own?.id ?? newId(), looks });
    if (whole.ok) good.push(whole.value);
    else bad.push({ line: rows[0]!.line, cells: refusedBySchema(whole.problem) });
  }
  const shelf = [
    ...rack.shelf.map((c) => good.find((g) => g.id === c.id) ?? c),
    ...good.filter((g) => !rack.shelf.some((c) => c.id === g.id)),
  ];
  return done({ kind: 'shelf', count: good.length, bad, rack: { ...rack, shelf } });
}

function readRow(row: Record<string, string>, line: number): RowRead<Row> {
  const { values, problems } = numbersOf(row, [...ITEM_NUMBERS, ...BLEND, ...LOOK_NUMBERS]);
  problems.push(...NEEDED.filter((c) => !row[c]).map((column) => ({ code: 'empty', column }) as const));
  if (problems.length) return refused({ code: 'badRow', cells: problems });
  const filled = (columns: readonly string[]): Record<string, unknown> =>
    Object.fromEntries(
      columns.map((c): [string, unknown] => [c, values[c] ?? row[c]]).filter(([, cell]) => cell !== undefined && cell !== ''),
    );
  const blend = filled(BLEND);
  const item = { ...filled([...ITEM_WORDS, ...ITEM_NUMBERS]), ...(Object.keys(blend).length ? { ownBlend: blend } : {}) };
  const whose = { line, of: row['id'] || `${row['kind']} ${row['name']}`, id: row['id'] ?? '' };
  if (!row['how']) return done({ ...whose, item });
  const yes = Object.fromEntries(YES.flatMap((c) => (row[c] === 'yes' ? [[c, true]] : [])));
  return done({ ...whose, item, look: { ...filled([...LOOK_WORDS, ...LOOK_NUMBERS]), ...yes } });
}
