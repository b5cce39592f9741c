import type { Result } from '@tinder/core/foundation/errors';
import {
  preferencesSchema,
  rackSchema,
  readAs,
  tripSchema,
  type BadValues,
  type ShelvedTrip,
  type ValueProblem,
} from '@tinder/core/domain/model';
import * as z from 'zod';
import type { Aside } from './schema';

/** A trip as it was read, with the revision it had. */
export interface Kept extends ShelvedTrip {
  revision: number;
}

const storedTripSchema = z.object({ trip: tripSchema, archived: z.boolean(), revision: z.int().min(0) });

/** Reads a stored trip. One whose revision cannot be trusted is not one. */
export const readTrip = (stored: unknown): Result<Kept, BadValues> => readAs(storedTripSchema, stored);
export const readRack = (stored: unknown): Result<z.infer<typeof rackSchema>, BadValues> => readAs(rackSchema, stored);
export const readPreferences = (stored: unknown): Result<z.infer<typeof preferencesSchema>, BadValues> => readAs(preferencesSchema, stored);

/** What is wrong with a value kept under an id; undefined where it can be read as what it was. */
export function problemOf({ kind, id, value }: Aside): ValueProblem | undefined {
  if (kind !== 'trip') {
    const setting = kind === 'rack' ? readRack(value) : readPreferences(value);
    return setting.ok ? undefined : setting.problem.issues[0];
  }
  const trip = readTrip(value);
  if (!trip.ok) return trip.problem.issues[0];
  // under another trip's key it would be saved twice
  return trip.value.trip.id === id ? undefined : { path: 'trip.id', code: 'rule', words: `it is kept as ${id}` };
}
