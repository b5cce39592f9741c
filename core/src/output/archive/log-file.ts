import * as z from 'zod';
import { done, refused, type Result } from '../../foundation/errors';
import { MOST, readAs, walkEventSchema, type Trip, type WalkEvent } from '../../domain/model';
import { readFormat, type ImportProblem } from './import';

/** The log of one walk as a file of its own: out of the phone, into the trip at home. */
export const LOG_FORMAT = 'restless-tinder-log';
export const LOG_VERSION = 1;
export const logFileSchema = z.strictObject({
  format: z.literal(LOG_FORMAT),
  version: z.literal(LOG_VERSION),
  tripId: z.string().min(1).max(64),
  tripName: z.string(),
  log: z.array(walkEventSchema).max(MOST.events),
});
/** JSON Schema (draft 2020-12) of a log, published in docs/formats. */
export const logJsonSchema = (): unknown => z.toJSONSchema(logFileSchema, { io: 'input' });
export type LogFile = z.infer<typeof logFileSchema>;

/** A trip's log as text, with a final newline. */
export const exportLog = ({ id, name, walk }: Pick<Trip, 'id' | 'name' | 'walk'>): string =>
  JSON.stringify(
    { format: LOG_FORMAT, version: LOG_VERSION, tripId: id, tripName: name, log: walk?.log ?? [] } satisfies LogFile,
    null,
    2,
  ) + '\n';

/** Why a log was not taken: as any file, or because it belongs to another trip. */
export type LogProblem = ImportProblem | { code: 'otherTrip'; name: string };

/** Reads an exported log for the trip of that id. */
export function importLog(text: string, tripId: string): Result<WalkEvent[], LogProblem> {
  const json = readFormat(text, LOG_FORMAT);
  if (!json.ok) return json;
  const read = readAs(logFileSchema, json.value);
  if (!read.ok) return read;
  return read.value.tripId === tripId ? done(read.value.log) : refused({ code: 'otherTrip', name: read.value.tripName });
}
