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

const isRecord = (x: unknown): x is Record<string, unknown> => typeof x === 'object' && x !== null && !Array.isArray(x);

/** Do two plain values hold the same? */
export function same(a: unknown, b: unknown): boolean {
  return a === b || JSON.stringify(a) === JSON.stringify(b);
}
