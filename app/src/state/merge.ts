import type { Rack } from '@tinder/core';

/**
 * Three versions of one value into one: what only one side changed is taken from that side, deep into objects and into lists of equal
 * length. Where both changed the same thing, `mine` stands (the other stays one undo away).
 */
export function mergeThree<T>(base: T, mine: T, theirs: T): T {
  if (same(mine, base)) return theirs;
  if (same(theirs, base) || same(mine, theirs)) return mine;
  if (isRecord(base) && isRecord(mine) && isRecord(theirs)) {
    const merged: Record<string, unknown> = {};
    for (const key of new Set([...Object.keys(mine), ...Object.keys(theirs)])) {
      const value = mergeThree(base[key], mine[key], theirs[key]);
      if (value !== undefined) merged[key] = value;
    }
    return merged as T;
  }
  if (Array.isArray(base) && Array.isArray(mine) && Array.isArray(theirs) && base.length === mine.length && base.length === theirs.length)
    return mine.map((m, i) => mergeThree<unknown>(base[i], m, theirs[i])) as T;
  return mine;
}

/**
 * Two edited racks into one: pieces, kits and diary go by their ids, so that both tabs may add; everything else as any value. What one
 * side took away is gone unless the other changed it, and a kit keeps only pieces that are there.
 */
export function mergeRack(base: Rack, mine: Rack, theirs: Rack): Rack {
  const merged = {
    ...mergeThree(base, mine, theirs),
    pieces: mergeById(base.pieces, mine.pieces, theirs.pieces),
    kits: mergeById(base.kits, mine.kits, theirs.kits),
    diary: mergeById(base.diary, mine.diary, theirs.diary),
  };
  const there = new Set(merged.pieces.map((p) => p.id));
  return { ...merged, kits: merged.kits.map((k) => ({ ...k, pieceIds: k.pieceIds.filter((id) => there.has(id)) })) };
}

function mergeById<T extends { id: string }>(base: readonly T[], mine: readonly T[], theirs: readonly T[]): T[] {
  const of = (list: readonly T[], id: string): T | undefined => list.find((x) => x.id === id);
  const order = [...mine, ...theirs.filter((t) => !of(mine, t.id))];
  return order.flatMap(({ id }) => {
    const [was, here, there] = [of(base, id), of(mine, id), of(theirs, id)];
    if (here && there) return [was ? mergeThree(was, here, there) : here];
    const left = here ?? there;
    return left && (!was || !same(left, was)) ? [left] : [];
  });
}

const isRecord = (x: unknown): x is Record<string, unknown> => typeof x === 'object' && x !== null && !Array.isArray(x);

/** Do two plain values hold the same? */
export function same(a: unknown, b: unknown): boolean {
  return a === b || JSON.stringify(a) === JSON.stringify(b);
}
