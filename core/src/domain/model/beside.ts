import type { Bench } from './bench-schema';
import { same } from './same';
import type { ShelfItem } from './shelf-schema';

/** What another bench holds beside what is here; what is here already, by its id, stays as it is. */
export function besideBench(here: Bench, other: Bench): Bench {
  const beside = <T extends { id: string }>(mine: readonly T[], theirs: readonly T[]): T[] => [
    ...mine,
    ...theirs.filter((t) => !mine.some((m) => m.id === t.id)),
  ];
  return {
    tests: beside(here.tests, other.tests),
    series: beside(here.series, other.series),
    coolings: beside(here.coolings, other.coolings),
    claims: beside(here.claims, other.claims),
  };
}

/** Containers beside those that are there: one that is there already as it is stays, one whose id is taken gets a new one. */
export function besideShelf(here: readonly ShelfItem[], other: readonly ShelfItem[], newId: () => string): ShelfItem[] {
  const isThere = (item: ShelfItem): boolean => here.some((h) => same(h, item));
  const fresh = other.filter((item) => !isThere(item));
  return [...here, ...fresh.map((item) => (here.some((h) => h.id === item.id) ? { ...item, id: newId() } : item))];
}
