import Papa from 'papaparse';
import { done, refused, type Result } from '../../foundation/errors';
import { LIMITS, MOST } from '../../domain/model';
import type { CurvePoint } from '../../studies/bench';

/** Readings of a real logger: any separator, decimal points or commas, units in the heading, seconds or clock times. */

/** Separators in the order they are tried: a comma may also be a decimal sign. */
const SEPARATORS = ['\t', ';', '|', ','] as const;
export const TIME_UNITS = ['ms', 's', 'min', 'clock'] as const;
export type TimeUnit = (typeof TIME_UNITS)[number];
export type TemperatureUnit = '°C' | '°F' | 'K';

export interface LoggerColumn {
  name: string;
  /** The first cells below it, for the preview. */
  sample: string[];
}
/** What a file holds, and which columns are most likely time and temperature. */
export interface LoggerTable {
  columns: LoggerColumn[];
  rows: { line: number; cells: string[] }[];
  guess: LoggerChoice;
}
export interface LoggerChoice {
  timeColumn: number;
  timeUnit: TimeUnit;
  temperatureColumn: number;
  temperatureUnit: TemperatureUnit;
}
export type LoggerProblem = { code: 'emptyTable' } | { code: 'oneColumn' };

/** Why a line is left out. */
export type LoggerLineProblem =
  | { code: 'noTime'; found: string }
  | { code: 'noTemperature'; found: string }
  | { code: 'backwards'; found: string }
  | { code: 'outside'; found: string };

export interface LoggerCurve {
  /** From the first reading, at most so many as a curve keeps: every so many-th of a longer one. */
  points: CurvePoint[];
  read: number;
  bad: { line: number; problem: LoggerLineProblem }[];
}

const SAMPLE = 3;

/** Reads a logger's file as far as it can without being told: its columns, and which are most likely meant. */
export function readLogger(text: string): Result<LoggerTable, LoggerProblem> {
  const lines = text.replace(/^\uFEFF/, '').split(/\r\n|\r|\n/);
  const filled = lines.map((words, i) => ({ words, line: i + 1 })).filter(({ words }) => words.trim() !== '');
  if (filled.length < 2) return refused({ code: 'emptyTable' });
  const delimiter = separatorOf(filled.map((l) => l.words));
  if (delimiter === undefined) return refused({ code: 'oneColumn' });
  const table = filled.map(({ words, line }) => ({
    line,
    cells: (Papa.parse<string[]>(words, { delimiter }).data[0] ?? []).map((c) => c.trim()),
  }));
  // loggers write a few lines about themselves first: the table starts where most columns are
  const width = Math.max(...table.slice(-Math.ceil(table.length / 2)).map((r) => r.cells.length));
  const from = Math.max(
    0,
    table.findIndex((r) => r.cells.length === width),
  );
  const first = table[from]!;
  const rest = table.slice(from + 1);
  const hasHeading = first.cells.every((c) => !isReading(c));
  const rows = hasHeading ? rest : [first, ...rest];
  const columns = first.cells.map((c, i) => ({
    name: hasHeading && c ? c : `column ${i + 1}`,
    sample: rows.slice(0, SAMPLE).map((r) => r.cells[i] ?? ''),
  }));
  return rows.length ? done({ columns, rows, guess: guessOf(columns) }) : refused({ code: 'emptyTable' });
}

function separatorOf(lines: readonly string[]): string | undefined {
  const most = 0.8 * lines.length;
  return SEPARATORS.find((s) => lines.filter((l) => l.includes(s)).length >= most);
}

const isReading = (cell: string): boolean => numberOf(cell) !== undefined || clockS(cell) !== undefined;

/** A number with a decimal point or comma; thousands are not separated in what loggers write. */
function numberOf(cell: string): number | undefined {
  const plain = cell.replace(',', '.').replace(/\s*(?:°?[CFK]|s|sec|min|ms)$/i, '');
  return /^[-+]?(?:\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : undefined;
}

/** A time of day, with a day before it or not: seconds since its midnight. */
function clockS(cell: string): number | undefined {
  const found = /(?:^|[T\s])(\d{1,2}):(\d{2})(?::(\d{2}(?:[.,]\d+)?))?\s*(am|pm)?(?:Z|[+-]\d{2}:?\d{2})?$/i.exec(cell);
  if (!found) return undefined;
  const [, h, m, s, half] = found;
  const hours = (Number(h) % (half ? 12 : 24)) + (half?.toLowerCase() === 'pm' ? 12 : 0);
  return hours * 3600 + Number(m) * 60 + Number((s ?? '0').replace(',', '.'));
}

function guessOf(columns: readonly LoggerColumn[]): LoggerChoice {
  const named = (pattern: RegExp): number => columns.findIndex((c) => pattern.test(c.name));
  const isClock = (c: LoggerColumn): boolean => c.sample.some((x) => clockS(x) !== undefined);
  const byName = named(/time|clock|elapsed|sec|min|zeit|temps|^t$/i);
  const timeColumn = byName >= 0 ? byName : Math.max(0, columns.findIndex(isClock));
  const warm = columns.findIndex((c, i) => i !== timeColumn && /temp|°|deg|[([]\s*[cfk]\s*[)\]]|probe|water/i.test(c.name));
  const temperatureColumn = warm >= 0 ? warm : columns.findIndex((_, i) => i !== timeColumn);
  const timeName = columns[timeColumn]?.name ?? '';
  const name = columns[temperatureColumn]?.name ?? '';
  return {
    timeColumn,
    timeUnit: isClock(columns[timeColumn]!) ? 'clock' : /\bms\b|milli/i.test(timeName) ? 'ms' : /min/i.test(timeName) ? 'min' : 's',
    temperatureColumn,
    temperatureUnit: /°?\s*F\b|fahrenheit/.test(name) ? '°F' : /[([]\s*K\s*[)\]]|kelvin/.test(name) ? 'K' : '°C',
  };
}

const DAY_S = 86_400;
const PER_S: Record<Exclude<TimeUnit, 'clock'>, number> = { ms: 0.001, s: 1, min: 60 };
const celsius = (x: number, unit: TemperatureUnit): number => (unit === '°F' ? (x - 32) / 1.8 : unit === 'K' ? x - 273.15 : x);

/** The curve that a file holds with these columns. A line that cannot be read is named and left out; the others stay. */
export function curveOf({ rows }: LoggerTable, choice: LoggerChoice): LoggerCurve {
  const points: CurvePoint[] = [];
  const bad: LoggerCurve['bad'] = [];
  let days = 0;
  for (const { line, cells } of rows) {
    const lastS = points.at(-1)?.s ?? Number.NEGATIVE_INFINITY;
    const read = readLine(cells, choice, days, lastS);
    if (!read.ok) {
      bad.push({ line, problem: read.problem });
      continue;
    }
    ({ days } = read.value);
    points.push(read.value.point);
  }
  const from = points[0]?.s ?? 0;
  const every = Math.ceil(points.length / MOST.curvePoints);
  const kept = points.filter((_, i) => i % Math.max(1, every) === 0).map((p) => ({ s: p.s - from, c: p.c }));
  return { points: kept.filter((p) => p.s <= LIMITS.curveS.max), read: points.length, bad };
}

/** One line, `days` of the clock after the first, behind a point at `lastS`. */
function readLine(
  cells: readonly string[],
  choice: LoggerChoice,
  days: number,
  lastS: number,
): Result<{ point: CurvePoint; days: number }, LoggerLineProblem> {
  const [timeCell, warmCell] = [cells[choice.timeColumn] ?? '', cells[choice.temperatureColumn] ?? ''];
  const warm = numberOf(warmCell);
  const said = choice.timeUnit === 'clock' ? clockS(timeCell) : numberOf(timeCell);
  if (said === undefined) return refused({ code: 'noTime', found: timeCell });
  if (warm === undefined) return refused({ code: 'noTemperature', found: warmCell });
  const clock = choice.timeUnit === 'clock' ? sinceMidnight(said, days, lastS) : { s: said * PER_S[choice.timeUnit], days };
  const c = celsius(warm, choice.temperatureUnit);
  if (clock.s < lastS) return refused({ code: 'backwards', found: timeCell });
  if (c < LIMITS.curveC.min || c > LIMITS.curveC.max) return refused({ code: 'outside', found: warmCell });
  return done({ point: { s: clock.s, c }, days: clock.days });
}

/** Seconds since the first midnight; past midnight the clock begins anew. */
function sinceMidnight(clockS: number, days: number, lastS: number): { s: number; days: number } {
  const s = clockS + days * DAY_S;
  return s < lastS - DAY_S / 2 ? { s: s + DAY_S, days: days + 1 } : { s, days };
}

/** When a curve first stands at a temperature, s; undefined where it never does. */
export function reachesAtS(points: readonly CurvePoint[], targetC: number): number | undefined {
  const i = points.findIndex((p) => p.c >= targetC);
  if (i <= 0) return i === 0 ? 0 : undefined;
  const [a, b] = [points[i - 1]!, points[i]!];
  return a.s + ((targetC - a.c) / (b.c - a.c)) * (b.s - a.s);
}
