import type * as z from 'zod';

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

/** Issues of a Zod schema as data of ours, in their order. Parse with `reportInput`, so that a missing value is told from a wrong one. */
export const valueProblems = (issues: readonly z.core.$ZodIssue[]): ValueProblem[] =>
  issues.map((issue) => ({ path: issue.path.join('.'), ...told(issue) }));

function told(issue: z.core.$ZodIssue): WithoutPath {
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
