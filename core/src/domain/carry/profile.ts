/** Weight on the walker's back for cooking, morning by morning. */
export interface CarryDay {
  /** Morning of walking day `day` (1-based), before breakfast; the last entry is the evening of arrival. */
  day: number;
  fuelG: number;
  totalG: number;
}

export interface CarryProfile {
  days: CarryDay[];
  /** Leaving the stop, g. */
  startG: number;
  /** Mean over walking days of the morning load, g. */
  averageG: number;
  /** Sum of morning loads, g·days. */
  gramDays: number;
}

/**
 * Carried weight by day: hardware and containers stay, fuel burns down by `burntG` (one entry a day).
 * `firstDay` names the first; the entry after the last day is the load on arrival.
 */
export function carryProfile(hardwareG: number, tareG: number, startFuelG: number, burntG: readonly number[], firstDay = 1): CarryProfile {
  let fuelG = startFuelG;
  const days: CarryDay[] = [];
  for (let i = 0; i <= burntG.length; i++) {
    days.push({ day: firstDay + i, fuelG, totalG: hardwareG + tareG + fuelG });
    fuelG -= burntG[i] ?? 0;
  }
  const mornings = days.slice(0, -1);
  const gramDays = mornings.reduce((sum, d) => sum + d.totalG, 0);
  return { days, startG: days[0]!.totalG, averageG: mornings.length ? gramDays / mornings.length : days[0]!.totalG, gramDays };
}
