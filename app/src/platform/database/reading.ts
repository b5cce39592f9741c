import { done, refused, type Result } from '@tinder/core/errors';
import { preferencesSchema, rackSchema, tripSchema, type ShelvedTrip } from '@tinder/core/model';
import * as z from 'zod';

/** A trip as it was read, with the revision it had. */
export interface Kept extends ShelvedTrip {
  revision: number;
}
export interface Unreadable {
  code: 'unreadable';
  /** The first place that is wrong, and why. */
  problem: string;
}

const storedTripSchema = z.object({ trip: tripSchema, archived: z.boolean(), revision: z.int().min(0) });

/** Reads a stored trip. One whose revision cannot be trusted is not one. */
export const readTrip = (stored: unknown): Result<Kept, Unreadable> => read(storedTripSchema, stored);
export const readRack = (stored: unknown): Result<z.infer<typeof rackSchema>, Unreadable> => read(rackSchema, stored);
export const readPreferences = (stored: unknown): Result<z.infer<typeof preferencesSchema>, Unreadable> => read(preferencesSchema, stored);

function read<S extends z.ZodType>(schema: S, stored: unknown): Result<z.infer<S>, Unreadable> {
  const parsed = schema.safeParse(stored);
  return parsed.success ? done(parsed.data) : refused({ code: 'unreadable', problem: firstProblem(parsed.error) });
}

/** "legs.0.days.3.airC: Too big", the first of what is wrong. */
export function firstProblem({ issues: [first] }: z.ZodError): string {
  return `${first.path.join('.') || 'the whole of it'}: ${first.message}`;
}
