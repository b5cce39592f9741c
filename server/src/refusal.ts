import type { ZodError } from 'zod';

/** What is wrong with something that was asked, in one line: every field by its name, `whole` where it is all of it. */
export const refusal = (error: ZodError, whole: string): { error: string } => ({
  error: error.issues.map((i) => `${i.path.join('.') || whole}: ${i.message}`).join('; '),
});
