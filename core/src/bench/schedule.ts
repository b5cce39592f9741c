/** An order of runs in which neither setup always comes first, so that a can that cools or an evening that darkens favours neither: A B B A A B … */
export const fairOrder = (pairs: number): ('A' | 'B')[] =>
  Array.from({ length: pairs }, (_, i): ('A' | 'B')[] => (i % 2 === 0 ? ['A', 'B'] : ['B', 'A'])).flat();
