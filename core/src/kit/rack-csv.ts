import { csvColumns, numbersOf, readCsv, writeCsv, type CsvRows, type RowRead } from '../archive/csv';
import { CRITERIA, IGNITIONS, pieceSchema, ROLES, type Criterion, type Piece, type Rack, type Shape } from '../archive/rack-schema';
import { BURNERS } from '../catalogue/burners';
import { emptyKit } from './rack-edit';

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
export const PIECE_COLUMNS = ['name', 'role', 'massG', 'ownMassG', 'price', ...WORDS, 'holdsMl', 'spanMm', ...SHAPE_COLUMNS] as const;
export const KIT_COLUMNS = ['kit', 'piece', 'outside'] as const;
export const SCORE_COLUMNS = ['criterion', 'weight', 'kit', 'points'] as const;

export const writePiecesCsv = (pieces: readonly Piece[]): string =>
  writeCsv(
    PIECE_COLUMNS,
    pieces.map((p) => {
      const flatRow: Record<string, unknown> = { ...p, ...p.shape };
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

/** Reads a table of pieces, kits or scores into the rack; undefined where its heading is none of these. */
export function readRackCsv(text: string, rack: Rack, newId: () => string): RackTable | undefined {
  const columns = csvColumns(text);
  const has = (...names: string[]): boolean => names.every((n) => columns.includes(n));
  if (has('name', 'role', 'massG')) {
    const { good, bad } = readCsv(text, ['name', 'role', 'massG'], (row) => readPiece(row, newId()));
    return { kind: 'pieces', count: good.length, bad, rack: withPieces(rack, good) };
  }
  if (has('kit', 'piece')) {
    const { good, bad } = readCsv(text, ['kit', 'piece'], (row) => readKitRow(row, rack));
    return { kind: 'kits', count: good.length, bad, rack: withKitRows(rack, good, newId) };
  }
  if (has('criterion')) {
    const { good, bad } = readCsv(text, ['criterion'], (row) => readScoreRow(row, rack));
    return { kind: 'scores', count: good.length, bad, rack: withScores(rack, good) };
  }
  return undefined;
}

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
  const { values, reasons } = numbersOf(row, NUMBERS);
  const role = ROLES.find((r) => r === row['role']?.trim());
  if (!role) reasons.push(`role is “${row['role'] ?? ''}”; it can be ${ROLES.join(', ')}`);
  if (!row['name']?.trim()) reasons.push('name is empty');
  if (values['massG'] === undefined && !reasons.some((r) => r.startsWith('massG'))) reasons.push('massG is empty');
  if (reasons.length) return { reasons };
  const words = Object.fromEntries(WORDS.flatMap((w) => (row[w]?.trim() ? [[w, row[w].trim()]] : [])));
  const { shape, rest } = shapeOf(values);
  const parsed = pieceSchema.safeParse({ id, name: row['name'], role, ...words, ...rest, ...(shape ? { shape } : {}) });
  if (parsed.success) return { value: parsed.data };
  return { reasons: parsed.error.issues.map((i) => `${i.path.join('.')}: ${explained(i.path.join('.'), i.message)}`) };
}

const LISTS: Record<string, readonly string[]> = { burnerId: BURNERS.map((b) => b.id), ignition: IGNITIONS };
const explained = (path: string, message: string): string => (LISTS[path] ? `it can be ${LISTS[path].join(', ')}` : message);

/** The shape that the filled measures describe, and the numbers that are none of it. */
function shapeOf(values: Record<string, number>): { shape: Shape | undefined; rest: Record<string, number> } {
  const rest = Object.fromEntries(Object.entries(values).filter(([k]) => !(SHAPE_COLUMNS as readonly string[]).includes(k)));
  const { diameterMm, heightMm, innerDiameterMm, innerHeightMm, lengthMm, widthMm, thicknessMm, volumeMl } = values;
  const shape = ((): Shape | undefined => {
    if (diameterMm && heightMm && innerDiameterMm && innerHeightMm)
      return { kind: 'vessel', diameterMm, heightMm, innerDiameterMm, innerHeightMm };
    if (diameterMm && heightMm) return { kind: 'cylinder', diameterMm, heightMm };
    if (lengthMm && widthMm && heightMm) return { kind: 'box', lengthMm, widthMm, heightMm };
    if (lengthMm && heightMm && thicknessMm) return { kind: 'sheet', lengthMm, heightMm, thicknessMm };
    return volumeMl ? { kind: 'soft', volumeMl } : undefined;
  })();
  return { shape, rest };
}

interface KitRow {
  kit: string;
  /** Undefined for a kit without pieces. */
  pieceId?: string;
  outside: boolean;
}
function readKitRow(row: Record<string, string>, rack: Rack): RowRead<KitRow> {
  const name = row['piece']?.trim() ?? '';
  const piece = rack.pieces.find((p) => p.name === name);
  const kit = row['kit']?.trim() ?? '';
  if (kit && !name) return { value: { kit, outside: false } };
  const reasons = [...(kit ? [] : ['kit is empty']), ...(piece ? [] : [`no piece on the rack is called “${name}”: read the pieces first`])];
  return piece && kit ? { value: { kit, pieceId: piece.id, outside: row['outside']?.trim() === 'yes' } } : { reasons };
}

/** A kit of that name gets these pieces, a new name is a new kit. */
function withKitRows(rack: Rack, rows: readonly KitRow[], newId: () => string): Rack {
  const kits = [...rack.kits];
  for (const name of new Set(rows.map((r) => r.kit))) {
    const own = rows.filter((r) => r.kit === name);
    const ids = (list: readonly KitRow[]): string[] => list.flatMap((r) => r.pieceId ?? []);
    const pieces = { pieceIds: ids(own), outside: ids(own.filter((r) => r.outside)) };
    const at = kits.findIndex((k) => k.name === name);
    if (at >= 0) kits[at] = { ...kits[at], ...pieces };
    else kits.push({ ...emptyKit(newId(), name.slice(0, 80)), ...pieces });
  }
  return { ...rack, kits };
}
type ScoreRow = { criterion: Criterion; weight: number } | { criterion: Criterion; kitId: string; points: number };
function readScoreRow(row: Record<string, string>, rack: Rack): RowRead<ScoreRow> {
  const { values, reasons } = numbersOf(row, ['weight', 'points']);
  const criterion = CRITERIA.find((c) => c === row['criterion']?.trim());
  if (!criterion) return { reasons: [...reasons, `criterion is “${row['criterion'] ?? ''}”; it can be ${CRITERIA.join(', ')}`] };
  const name = row['kit']?.trim();
  const { weight, points } = values;
  const outside = (x: number | undefined, max: number, what: string): string[] =>
    x === undefined ? [`${what} is empty`] : x < 0 || x > max ? [`${what} is ${x}; it goes from 0 to ${max}`] : [];
  if (!name) {
    reasons.push(...outside(weight, 100, 'weight'));
    return reasons.length || weight === undefined ? { reasons } : { value: { criterion, weight } };
  }
  const kit = rack.kits.find((k) => k.name === name);
  reasons.push(...(kit ? [] : [`no kit is called “${name}”`]), ...outside(points, 5, 'points'));
  return reasons.length || !kit || points === undefined ? { reasons } : { value: { criterion, kitId: kit.id, points } };
}

function withScores(rack: Rack, rows: readonly ScoreRow[]): Rack {
  const weights = { ...rack.score.weights };
  const judged = { ...rack.score.judged };
  for (const r of rows)
    if ('weight' in r) weights[r.criterion] = r.weight;
    else judged[r.kitId] = { ...judged[r.kitId], [r.criterion]: r.points };
  return { ...rack, score: { ...rack.score, weights, judged } };
}
