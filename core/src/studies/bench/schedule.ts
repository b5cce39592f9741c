/** An order of runs in which neither setup always comes first, so that a can that cools or an evening that darkens favours neither: A B B A A B … */
export const fairOrder = (pairs: number): ('A' | 'B')[] =>
  Array.from({ length: pairs }, (_, i): ('A' | 'B')[] => (i % 2 === 0 ? ['A', 'B'] : ['B', 'A'])).flat();

/** Which side is to be burnt next, in a fair order, and how many burns are left; undefined once every pair is burnt. */
export function nextArm(
  order: readonly ('A' | 'B')[],
  burnt: Readonly<Record<'a' | 'b', number>>,
): { arm: 'a' | 'b'; left: number } | undefined {
  const left = { A: burnt.a, B: burnt.b };
  for (const [i, side] of order.entries()) {
    if (left[side] > 0) left[side]--;
    else return { arm: side === 'A' ? 'a' : 'b', left: order.length - i };
  }
  return undefined;
}
