/** A bounded memory of what was worked out before, by a key. */
export interface Memory<V extends NonNullable<unknown>> {
  /** What stands under the key; made, and kept, where nothing does. */
  get: (key: string, make: () => V) => V;
}

/**
 * Remembers up to twice `most` values: once that many new ones have come, those not asked for since the last time are forgotten. What is
 * given back is shared by all who ask, and must not be changed.
 */
export function remembering<V extends NonNullable<unknown>>(most: number): Memory<V> {
  let young = new Map<string, V>();
  let old = new Map<string, V>();
  const keep = (key: string, value: V): V => {
    if (young.size >= most) [old, young] = [young, new Map<string, V>()];
    young.set(key, value);
    return value;
  };
  return {
    get: (key, make) => young.get(key) ?? keep(key, old.get(key) ?? make()),
  };
}
