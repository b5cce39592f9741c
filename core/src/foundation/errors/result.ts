/** What went wrong, as data: a code, and beside it the place and the figures that a sentence needs. Words are found for it at the edge. */
export interface Fault {
  code: string;
}

/** The answer of everything that can fail: a value, or what stands in its way. Programming errors are thrown instead. */
export type Result<T, P extends Fault> = { ok: true; value: T } | { ok: false; problem: P };

export const done = <T>(value: T): { ok: true; value: T } => ({ ok: true, value });
export const refused = <P extends Fault>(problem: P): { ok: false; problem: P } => ({ ok: false, problem });
