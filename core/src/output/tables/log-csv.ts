import type { WalkEvent } from '../../domain/model';
import { writeCsv } from './csv';

/** A walk's log as a table: a row for every event, in the units of the core. */
export const LOG_COLUMNS = [
  'id',
  'at',
  'day',
  'kind',
  'meal',
  'dish',
  'how',
  'modelG',
  'fuelG',
  'sdG',
  'waterMl',
  'clockS',
  'feltS',
  'taste',
  'stopId',
  'containers',
] as const;

/** Every event of a log, RFC 4180. */
export const writeLogCsv = (log: readonly WalkEvent[]): string =>
  writeCsv(
    LOG_COLUMNS,
    log.map((e) => LOG_COLUMNS.map((c) => cellOf(e, c))),
  );

function cellOf(event: WalkEvent, column: (typeof LOG_COLUMNS)[number]): unknown {
  if (event.kind === 'filled' && column === 'containers')
    return [...(event.keepsRest ? ['what was left'] : []), ...event.added.map((a) => `${a.name} ${a.fuelG} g`)].join('; ');
  if (event.kind === 'extra' && column === 'how') return event.what;
  return (event as Record<string, unknown>)[column] ?? '';
}
