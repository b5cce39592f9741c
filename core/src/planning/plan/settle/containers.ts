import type { Container } from '../../../domain/carry';
import { EXACT_G } from './carry-job';

/** The same container with as much in it. */
export const isSameContainer = (a: Container, b: Container): boolean =>
  a.kind === b.kind && a.tareG === b.tareG && a.own?.id === b.own?.id && Math.abs(a.fuelG - b.fuelG) < EXACT_G;

/** The same containers in the same order, each with as much in it. */
export const isSameSet = (a: readonly Container[], b: readonly Container[]): boolean =>
  a.length === b.length && a.every((c, i) => isSameContainer(c, b[i]!));

/** The same containers in any order, whatever is in them. */
export const areSameKinds = (a: readonly Container[], b: readonly Container[]): boolean => kindsOf(a) === kindsOf(b);

const kindsOf = (list: readonly Container[]): string =>
  list
    .map((c) => `${c.kind} ${c.tareG} ${c.own?.id}`)
    .sort()
    .join();
