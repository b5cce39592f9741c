/** A seeded source of numbers in [0, 1): the same seed gives the same row (mulberry32, public domain). */
export function seededRandom(seed: number): () => number {
  const state = Int32Array.of(seed); // in a typed array no number drawn makes an object
  return () => {
    let t = (state[0]! += 0x6d2b79f5);
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Normal numbers of mean 0 and standard deviation 1 out of even ones (Box–Muller). */
export function normals(random: () => number): () => number {
  const spare = new Float64Array(1);
  let isSpare = false;
  return () => {
    isSpare = !isSpare;
    if (!isSpare) return spare[0]!;
    const radius = Math.sqrt(-2 * Math.log(1 - random()));
    const angle = 2 * Math.PI * random();
    spare[0] = radius * Math.sin(angle);
    return radius * Math.cos(angle);
  };
}
