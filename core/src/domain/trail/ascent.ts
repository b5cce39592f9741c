/** A climb or a drop counts once it is this high, m: barometers and satellites wander by less (common practice). */
export const ASCENT_STEP_M = 10;

/**
 * Ascent gained up to each point of a line of heights, m, with hysteresis: a turn from falling to rising (or back) is believed
 * only after `stepM`, then counted from the lowest point. Noise below the step adds nothing.
 */
export function ascentSoFarM(altitudesM: readonly number[], stepM = ASCENT_STEP_M): number[] {
  let lowest = altitudesM[0] ?? 0;
  let highest = lowest;
  let rising = false;
  let gained = 0;
  return altitudesM.map((h) => {
    if (rising) {
      if (h > highest) {
        gained += h - highest;
        highest = h;
      } else if (h <= highest - stepM) {
        rising = false;
        lowest = h;
      }
    } else if (h < lowest) lowest = h;
    else if (h >= lowest + stepM) {
      rising = true;
      gained += h - lowest;
      highest = h;
    }
    return gained;
  });
}
