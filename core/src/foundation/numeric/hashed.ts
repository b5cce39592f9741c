/** A number in [0, 1) that looks drawn by lot and is always the same for one text (FNV-1a). */
export function hashed(text: string): number {
  let hash = 2166136261;
  for (const c of text) hash = Math.imul(hash ^ (c.codePointAt(0) ?? 0), 16777619);
  return (hash >>> 0) / 2 ** 32;
}
