import type { ValueProblem } from '@tinder/core/domain/model';

/** Something that could not be read again is not written. */
export class Unsavable extends Error {
  constructor(
    readonly what: string,
    readonly problem: ValueProblem,
  ) {
    super(`${what} cannot be saved: ${problem.path}, ${problem.code}`);
    this.name = 'Unsavable';
  }
}
