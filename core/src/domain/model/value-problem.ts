import type * as z from 'zod';
import { done, refused, type Result } from '../../foundation/errors';

/** What is wrong with a value that was read, and where it stands ("trips.0.trip.menu.supper.waterMl"; empty for the whole). */
export type ValueProblem = { path: string } & (
  | { code: 'missing' }
  | { code: 'wrongKind'; expected: string; found: string }
  | { code: 'tooMuch'; most: number; of: Measured }
  | { code: 'tooLittle'; least: number; of: Measured }
  | { code: 'notOneOf'; allowed: readonly string[] }
  | { code: 'unknownKeys'; keys: readonly string[] }
  /** A rule of ours that joins several values, in its own words. */
  | { code: 'rule'; words: string }
);
/** A number itself, the length of a text, or the entries of a list. */
export type Measured = 'number' | 'text' | 'list';

/** What a schema refused, in the order it was met; never empty. */
export interface BadValues {
  code: 'badValues';
  issues: ValueProblem[];
}

/** Reads a value of unknown form by its schema. */
export function readAs<S extends z.ZodType>(schema: S, value: unknown): Result<z.infer<S>, BadValues> {
  const parsed = schema.safeParse(value, { reportInput: true }); // a missing value is told from a wrong one
  if (parsed.success) return done(parsed.data);
  return refused({ code: 'badValues', issues: parsed.error.issues.map((issue) => ({ path: issue.path.join('.'), ...problemOf(issue) })) });
}

function problemOf(issue: z.core.$ZodIssue): WithoutPath {
  if (issue.input === undefined && issue.code !== 'custom' && issue.code !== 'unrecognized_keys') return { code: 'missing' };
  switch (issue.code) {
    case 'invalid_type':
      return { code: 'wrongKind', expected: issue.expected, found: kindOf(issue.input) };
    case 'too_big':
      return { code: 'tooMuch', most: Number(issue.maximum), of: measured(issue.origin) };
    case 'too_small':
      return { code: 'tooLittle', least: Number(issue.minimum), of: measured(issue.origin) };
    case 'invalid_value':
      return { code: 'notOneOf', allowed: issue.values.map(String) };
    case 'unrecognized_keys':
      return { code: 'unknownKeys', keys: issue.keys };
    default:
      return { code: 'rule', words: issue.message };
  }
}

type WithoutPath = ValueProblem extends infer P ? (P extends ValueProblem ? Omit<P, 'path'> : never) : never;

const measured = (origin: string): Measured => (origin === 'string' ? 'text' : origin === 'array' ? 'list' : 'number');

const kindOf = (x: unknown): string => (x === null ? 'null' : Array.isArray(x) ? 'array' : Number.isNaN(x) ? 'nan' : typeof x);
