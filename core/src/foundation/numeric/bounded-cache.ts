/** Results kept by a key, up to a bound. */
export interface BoundedCache<V extends NonNullable<unknown>> {
  /** The value under the key; made and kept where there is none. */
  get: (key: string, make: () => V) => V;
}

/**
 * A cache of up to twice `most` values in two generations: after `most` new ones, those not asked for since are dropped. Values are shared
 * by all callers and must not be changed.
 */
export function boundedCache<V extends NonNullable<unknown>>(most: number): BoundedCache<V> {
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
