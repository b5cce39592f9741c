/** Less than this is an empty can, g. */
export const EMPTY_G = 1e-6;

/** What is in each of some containers after so much was burnt from them one after another, g. */
export function drawDownG(fillsG: readonly number[], burntG: number): number[] {
  let toGo = burntG;
  return fillsG.map((g) => {
    const used = Math.min(g, toGo);
    toGo -= used;
    return g - used;
  });
}
