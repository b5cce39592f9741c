import type { CanStep } from './cans';
import type { CanSize } from './stage';

/** A can as it leaves a stop. */
export interface FilledCan extends CanSize {
  fuelG: number;
}

/**
 * Which of the cans held are full, in use or empty on leaving each stop: those that will be left soonest are used first, the smaller
 * first among them. In the order of use, empties last.
 */
export function fillCans(sizes: readonly CanSize[], steps: readonly CanStep[]): FilledCan[][] {
  return steps.map((step, i) => {
    const units = sizes
      .flatMap((size, k) => dropTimes(steps, i, k).map((dropAt) => ({ size, dropAt })))
      .sort((a, b) => a.dropAt - b.dropAt || a.size.netG - b.size.netG);
    let gone = units.reduce((sum, u) => sum + u.size.netG, 0) - step.fuelG;
    const cans = units.map(({ size }): FilledCan => {
      const used = Math.min(size.netG, Math.max(0, gone));
      gone -= used;
      return { ...size, fuelG: size.netG - used };
    });
    return [...cans.filter((c) => c.fuelG > 1e-6), ...cans.filter((c) => c.fuelG <= 1e-6)];
  });
}

/** At which later stop each can of one size is left, the soonest first; those bought earlier go first. */
function dropTimes(steps: readonly CanStep[], from: number, k: number): number[] {
  const times: number[] = [];
  const held = steps[from].held[k] ?? 0;
  for (let j = from + 1; j < steps.length && times.length < held; j++)
    for (let n = 0; n < (steps[j].left[k] ?? 0) && times.length < held; n++) times.push(j);
  while (times.length < held) times.push(Number.POSITIVE_INFINITY);
  return times;
}
