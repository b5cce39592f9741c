import {
  csvColumns,
  numbersOf,
  readCsv,
  refusedBySchema,
  writeCsv,
  type CellProblem,
  type CsvProblem,
  type CsvRows,
  type RowRead,
} from './csv';
import { BURNERS } from '../../domain/catalogue';
import { done, refused, type Result } from '../../foundation/errors';
import {
  CRITERIA,
  IGNITIONS,
  LIMITS,
  nameFrom,
  pieceSchema,
  readAs,
  ROLES,
  type Criterion,
  type Piece,
  type Rack,
  type Shape,
} from '../../domain/model';
import { emptyKit } from '../../domain/kit';

/** Tables of the rack: pieces, which kit holds which, and the scores. A file is told by its heading. */

const SHAPE_COLUMNS = [
  'diameterMm',
  'lengthMm',
  'widthMm',
  'heightMm',
  'innerDiameterMm',
  'innerHeightMm',
  'thicknessMm',
  'volumeMl',
] as const;
const NUMBERS = ['massG', 'ownMassG', 'price', 'holdsMl', 'spanMm', ...SHAPE_COLUMNS] as const;
const WORDS = ['have', 'material', 'burnerId', 'base', 'windscreen', 'ignition', 'note'] as const;
export const PIECE_COLUMNS = [
  'name',
  'role',
  'massG',
  'ownMassG',
  'price',
  ...WORDS,
  'holdsMl',
  'spanMm',
  ...SHAPE_COLUMNS,
  'shapeAssumed',
] as const;
export const KIT_COLUMNS = ['kit', 'piece', 'outside'] as const;
export const SCORE_COLUMNS = ['criterion', 'weight', 'kit', 'points'] as const;

export const writePiecesCsv = (pieces: readonly Piece[]): string =>
  writeCsv(
    PIECE_COLUMNS,
    pieces.map((p) => {
      const flatRow: Record<string, unknown> = { ...p, ...p.shape, shapeAssumed: p.shapeAssumed ? 'yes' : '' };
      return PIECE_COLUMNS.map((c) => flatRow[c] ?? '');
    }),
  );

export function writeKitsCsv(rack: Rack): string {
  const name = new Map(rack.pieces.map((p) => [p.id, p.name]));
  const rows = rack.kits.flatMap((k) =>
    // an empty kit keeps its name
    k.pieceIds.length ? k.pieceIds.map((id) => [k.name, name.get(id) ?? '', k.outside.includes(id) ? 'yes' : '']) : [[k.name, '', '']],
  );
  return writeCsv(KIT_COLUMNS, rows);
}

/** Weights in rows without a kit, the walker's own points in rows with one. */
export function writeScoresCsv(rack: Rack): string {
  const weights = CRITERIA.map((c) => [c, rack.score.weights[c], '', '']);
  const points = rack.kits.flatMap((k) =>
    CRITERIA.filter((c) => rack.score.judged[k.id]?.[c] !== undefined).map((c) => [c, '', k.name, rack.score.judged[k.id]?.[c]]),
  );
  return writeCsv(SCORE_COLUMNS, [...weights, ...points]);
}

/** What a table would make of the rack, with what was left out of it. Nothing is changed until it is taken. */
export interface RackTable {
  kind: 'pieces' | 'kits' | 'scores';
  /** Rows that can be taken. */
  count: number;
  bad: CsvRows<unknown>['bad'];
  rack: Rack;
}

/** Its heading is that of no table of the rack. */
export interface UnknownTable {
  code: 'unknownTable';
  columns: string[];
}

/** Reads a table of pieces, kits or scores into the rack. */
export function readRackCsv(text: string, rack: Rack, newId: () => string): Result<RackTable, CsvProblem | UnknownTable> {
  const columns = csvColumns(text);
  const has = (...names: string[]): boolean => names.every((n) => columns.includes(n));
  if (has('name', 'role', 'massG')) {
    const read = readCsv(text, ['name', 'role', 'massG'], (row) => readPiece(row, newId()));
    return taken('pieces', read, (good) => withPieces(rack, good));
  }
  if (has('kit', 'piece')) {
    const read = readCsv(text, ['kit', 'piece'], (row) => readKitRow(row, rack));
    return taken('kits', read, (good) => withKitRows(rack, good, newId));
  }
  if (has('criterion')) {
    const read = readCsv(text, ['criterion'], (row) => readScoreRow(row, rack));
    return taken('scores', read, (good) => withScores(rack, good));
  }
  return refused({ code: 'unknownTable', columns });
}

const taken = <T>(
  kind: RackTable['kind'],
  read: Result<CsvRows<T>, CsvProblem>,
  into: (good: readonly T[]) => Rack,
): Result<RackTable, CsvProblem> =>
  read.ok ? done({ kind, count: read.value.good.length, bad: read.value.bad, rack: into(read.value.good) }) : read;

/** A piece of the same name and job is brought up to date, any other is added. */
function withPieces(rack: Rack, read: readonly Piece[]): Rack {
  const same = (a: Piece, b: Piece): boolean => a.name === b.name && a.role === b.role;
  const pieces = rack.pieces.map((p) => {
    const now = read.find((r) => same(r, p));
    return now ? { ...p, ...now, id: p.id, alsoRoles: p.alsoRoles, quirk: p.quirk, life: p.life } : p;
  });
  return { ...rack, pieces: [...pieces, ...read.filter((r) => !rack.pieces.some((p) => same(p, r)))] };
}

function readPiece(row: Record<string, string>, id: string): RowRead<Piece> {
  const { values, problems } = numbersOf(row, NUMBERS);
  const role = ROLES.find((r) => r === row['role']);
  if (!role) problems.push({ code: 'notOneOf', column: 'role', found: row['role'] ?? '', allowed: ROLES });
  problems.push(...['name', 'massG'].filter((column) => !row[column]).map((column): CellProblem => ({ code: 'empty', column })));
  if (problems.length) return refused({ code: 'badRow', cells: problems });
  const words = Object.fromEntries(WORDS.flatMap((w) => (row[w] ? [[w, row[w]]] : [])));
  const { shape, rest } = shapeOf(values);
  const read = readAs(pieceSchema, {
    id,
    name: row['name'],
    role,
    ...words,
    ...rest,
    ...(shape ? { shape } : {}),
    shapeAssumed: row['shapeAssumed'] === 'yes',
  });
  if (read.ok) return read;
  const cells = refusedBySchema(read.problem).map((p): CellProblem => {
    const allowed = LISTS[p.column];
    return allowed ? { code: 'notOneOf', column: p.column, found: row[p.column] ?? '', allowed } : p;
  });
  return refused({ code: 'badRow', cells });
}

const LISTS: Record<string, readonly string[]> = { burnerId: BURNERS.map((b) => b.id), ignition: IGNITIONS };

/** The shape that the filled measures describe, and the numbers that are none of it. */
function shapeOf(values: Partial<Record<string, number>>): { shape: Shape | undefined; rest: Partial<Record<string, number>> } {
  const rest = Object.fromEntries(Object.entries(values).filter(([k]) => !(SHAPE_COLUMNS as readonly string[]).includes(k)));
  const found = MEASURES.find(([, columns]) => columns.every((c) => values[c]));
  if (!found) return { shape: undefined, rest };
  const [kind, columns] = found;
  return { shape: { kind, ...Object.fromEntries(columns.map((c) => [c, values[c]])) } as Shape, rest };
}

/** The measures of each kind of shape; the first that are all there decide. */
const MEASURES: readonly [Shape['kind'], readonly (typeof SHAPE_COLUMNS)[number][]][] = [
  ['vessel', ['diameterMm', 'heightMm', 'innerDiameterMm', 'innerHeightMm']],
  ['cylinder', ['diameterMm', 'heightMm']],
  ['box', ['lengthMm', 'widthMm', 'heightMm']],
  ['sheet', ['lengthMm', 'heightMm', 'thicknessMm']],
  ['soft', ['volumeMl']],
];

interface KitRow {
  kit: string;
  /** Undefined for a kit without pieces. */
  pieceId?: string;
  outside: boolean;
}
function readKitRow(row: Record<string, string>, rack: Rack): RowRead<KitRow> {
  const { kit: kitCell = '', piece: name = '' } = row;
  const kit = nameFrom(kitCell);
  const piece = rack.pieces.find((p) => p.name === name);
  if (kit && !name) return done({ kit, outside: false });
  if (piece && kit) return done({ kit, pieceId: piece.id, outside: row['outside'] === 'yes' });
  const cells: CellProblem[] = kit ? [] : [{ code: 'empty', column: 'kit' }];
  if (!piece) cells.push({ code: 'unknownName', column: 'piece', found: name });
  return refused({ code: 'badRow', cells });
}

/** A kit of that name gets these pieces, a new name is a new kit. */
function withKitRows(rack: Rack, rows: readonly KitRow[], newId: () => string): Rack {
  const kits = [...rack.kits];
  for (const name of new Set(rows.map((r) => r.kit))) {
    const own = rows.filter((r) => r.kit === name);
    const ids = (list: readonly KitRow[]): string[] => list.flatMap((r) => r.pieceId ?? []);
    const pieces = { pieceIds: ids(own), outside: ids(own.filter((r) => r.outside)) };
    const at = kits.findIndex((k) => k.name === name);
    if (at >= 0) kits[at] = { ...kits[at]!, ...pieces };
    else kits.push({ ...emptyKit(newId(), name), ...pieces });
  }
  return { ...rack, kits };
}
type ScoreRow = { criterion: Criterion; weight: number } | { criterion: Criterion; kitId: string; points: number };
function readScoreRow(row: Record<string, string>, rack: Rack): RowRead<ScoreRow> {
  const { values, problems } = numbersOf(row, ['weight', 'points']);
  const criterion = CRITERIA.find((c) => c === row['criterion']);
  if (!criterion) problems.push({ code: 'notOneOf', column: 'criterion', found: row['criterion'] ?? '', allowed: CRITERIA });
  const { weight, points } = values;
  if (!row['kit']) {
    problems.push(...outside(row, weight, LIMITS.weight, 'weight'));
    return problems.length || !criterion || weight === undefined
      ? refused({ code: 'badRow', cells: problems })
      : done({ criterion, weight });
  }
  const kit = rack.kits.find((k) => k.name === row['kit']);
  if (!kit) problems.push({ code: 'unknownName', column: 'kit', found: row['kit'] });
  problems.push(...outside(row, points, LIMITS.points, 'points'));
  const isWhole = !problems.length && criterion && kit && points !== undefined;
  return isWhole ? done({ criterion, kitId: kit.id, points }) : refused({ code: 'badRow', cells: problems });
}

/** A number that must be there, between limits; a cell that holds no number is named already. */
function outside(
  row: Record<string, string>,
  x: number | undefined,
  { min, max }: { min: number; max: number },
  column: string,
): CellProblem[] {
  if (x === undefined) return row[column] ? [] : [{ code: 'empty', column }];
  return x < min || x > max ? [{ code: 'outside', column, found: x, min, max }] : [];
}

function withScores(rack: Rack, rows: readonly ScoreRow[]): Rack {
  const weights = { ...rack.score.weights };
  const judged = { ...rack.score.judged };
  for (const r of rows)
    if ('weight' in r) weights[r.criterion] = r.weight;
    else judged[r.kitId] = { ...judged[r.kitId], [r.criterion]: r.points };
  return { ...rack, score: { ...rack.score, weights, judged } };
}
