import type { Fault, Result } from '../src/foundation/errors';

/** The value of something that must not have been refused. */
export function valueOf<T>(result: Result<T, Fault> | undefined): T {
  if (!result?.ok) throw new Error(`refused: ${JSON.stringify(result?.problem)}`);
  return result.value;
}

/** Why something was refused that must have been. */
export function problemOf<P extends Fault>(result: Result<unknown, P>): P {
  if (result.ok) throw new Error('not refused');
  return result.problem;
}
