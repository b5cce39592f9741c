/** What is told apart by a code, or by another field of words. */
type Told<K extends string> = Record<K, string>;

/** Words for every code: a sentence, or one made of what goes with the code. */
export type WordsByCode<K extends string, T extends Told<K>, A extends unknown[] = []> = {
  [C in T[K]]: string | ((of: Extract<T, Told<K> & Record<K, C>>, ...more: A) => string);
};

/** The words that a table has for something, `key` being the field that tells it apart. */
export function wordsOf<K extends string, T extends Told<K>, A extends unknown[]>(
  table: WordsByCode<K, T, A>,
  key: K,
  of: T,
  ...more: A
): string {
  const words = table[of[key]] as string | ((of: T, ...more: A) => string);
  return typeof words === 'string' ? words : words(of, ...more);
}
