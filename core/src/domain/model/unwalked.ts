import type { Trip } from './trip-schema';

/** A trip as it was before it was walked or packed: for another one that is made after it. */
export const unwalked = ({ walk: _walk, ...trip }: Trip): Trip => ({ ...trip, packed: [], detour: null });
