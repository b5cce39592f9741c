import { done, refused, type Result } from '@tinder/core/errors';
import { preferencesSchema, rackSchema, tripSchema, valueProblems, type ShelvedTrip, type ValueProblem } from '@tinder/core/model';
import * as z from 'zod';
import type { Aside } from './schema';

/** A trip as it was read, with the revision it had. */
export interface Kept extends ShelvedTrip {
  revision: number;
}
export interface Unreadable {
  code: 'unreadable';
  /** The first thing that is wrong. */
  problem: ValueProblem;
}

const storedTripSchema = z.object({ trip: tripSchema, archived: z.boolean(), revision: z.int().min(0) });

/** Reads a stored trip. One whose revision cannot be trusted is not one. */
export const readTrip = (stored: unknown): Result<Kept, Unreadable> => read(storedTripSchema, stored);
export const readRack = (stored: unknown): Result<z.infer<typeof rackSchema>, Unreadable> => read(rackSchema, stored);
export const readPreferences = (stored: unknown): Result<z.infer<typeof preferencesSchema>, Unreadable> => read(preferencesSchema, stored);

function read<S extends z.ZodType>(schema: S, stored: unknown): Result<z.infer<S>, Unreadable> {
  const parsed = schema.safeParse(stored, { reportInput: true });
  return parsed.success ? done(parsed.data) : refused({ code: 'unreadable', problem: valueProblems(parsed.error.issues)[0] });
}

/** What is wrong with a value kept under an id; undefined where it can be read as what it was. */
export function problemOf({ kind, id, value }: Aside): ValueProblem | undefined {
  if (kind !== 'trip') {
    const setting = kind === 'rack' ? readRack(value) : readPreferences(value);
    return setting.ok ? undefined : setting.problem.problem;
  }
  const trip = readTrip(value);
  if (!trip.ok) return trip.problem.problem;
  // under another trip's key it would be saved twice
  return trip.value.trip.id === id ? undefined : { path: 'trip.id', code: 'rule', words: `it is kept as ${id}` };
}
