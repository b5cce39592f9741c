/** Do two plain values hold the same? In whatever order their keys were written: what was read back has them in the order of its schema. */
export function same(a: unknown, b: unknown): boolean {
  return a === b || JSON.stringify(a) === JSON.stringify(b) || JSON.stringify(a, inOrder) === JSON.stringify(b, inOrder);
}

const inOrder = (_key: string, value: unknown): unknown =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
    : value;
