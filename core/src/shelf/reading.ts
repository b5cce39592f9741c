/** A mass as it is known: the best guess and its doubt, one standard deviation, g. */
export interface Reading {
  massG: number;
  sdG: number;
}

/** Two readings further apart than this many of their joint deviations are asked about (docs/physics.md, Shelf; common practice). */
const TOO_FAR_SD = 3;

/** What several independent readings of the same thing say together: the mean by inverse variance. Throws where there is none. */
export function fused(readings: readonly Reading[]): Reading {
  if (!readings.length) throw new RangeError('no reading to fuse');
  const precision = readings.reduce((sum, r) => sum + 1 / r.sdG ** 2, 0);
  return {
    massG: readings.reduce((sum, r) => sum + r.massG / r.sdG ** 2, 0) / precision,
    sdG: Math.sqrt(1 / precision),
  };
}

/** The first two readings, by place, that cannot both be right: a spill, a leak or a misreading. Undefined where all agree. */
export function contradiction(readings: readonly Reading[]): [number, number] | undefined {
  for (let i = 0; i < readings.length; i++)
    for (let j = i + 1; j < readings.length; j++) {
      const [a, b] = [readings[i], readings[j]];
      if (Math.abs(a.massG - b.massG) > TOO_FAR_SD * Math.hypot(a.sdG, b.sdG)) return [i, j];
    }
  return undefined;
}

/**
 * Fuel in a container, g: its weighings together, then the empty one off, once. A tare that is doubtful is as doubtful however often the
 * container is weighed. Never below nothing.
 */
export function fuelLeft(gross: readonly Reading[], tare: Reading): Reading {
  const all = fused(gross);
  return { massG: Math.max(0, all.massG - tare.massG), sdG: Math.hypot(all.sdG, tare.sdG) };
}
