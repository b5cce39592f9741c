import type { Burn } from './burn';

/** Does it come to its end? */
export const isDone = ({ outcome }: Pick<Burn, 'outcome'>): boolean => outcome.kind === 'done';
