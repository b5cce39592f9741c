import { boundedCache } from './bounded-cache';

/**
 * Values as numbers, for keys that would be long in words: equal values have one number, and the same object is looked at only once. Of `most`
 * values the number is kept; one that has been forgotten gets a new one. `textOf` is what tells values apart.
 */
export function interned<T extends object>(most: number, textOf: (of: T) => string = JSON.stringify): (of: T) => number {
  const known = new WeakMap<T, number>();
  const numbers = boundedCache<number>(most);
  let counted = 0;
  return (of) => {
    const seen = known.get(of);
    if (seen !== undefined) return seen;
    const number = numbers.get(textOf(of), () => ++counted);
    known.set(of, number);
    return number;
  };
}
