/** What is carried and what has still to be paid: the two that pieces doing the same are judged by. */
export interface Frugal {
  massG: number;
  price: number;
}

/** Those that no other one undercuts in both, the lightest first; of equals the first. */
export function frugalOf<T extends Frugal>(list: readonly T[]): T[] {
  const kept: T[] = [];
  for (const one of [...list].sort((a, b) => a.massG - b.massG || a.price - b.price))
    if (kept.every((k) => k.price > one.price)) kept.push(one);
  return kept;
}
