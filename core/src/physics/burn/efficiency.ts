import { POT_BASE } from './constants';

/** What a wind of `flameWindMps` behind the windscreen leaves of the efficiency in still air: exp(−k·u), `windDecayPerMps` = k. */
export const windShare = (windDecayPerMps: number, flameWindMps: number): number => Math.exp(-windDecayPerMps * flameWindMps);

/**
 * Share of released heat that enters the pot as a function of the power released in W:
 * η = η_max·couple / (1 + P/(q0·A)) · w (docs/physics.md, The burn).
 * `baseM2` pot base, `inWind` = w, what the wind leaves of it ({@link windShare}, or its mean over time); `fluxFactor` multiplies q0.
 */
export function efficiencyOf(
  baseM2: number,
  base: keyof typeof POT_BASE,
  couple: number,
  inWind: number,
  fluxFactor = 1,
): (powerW: number) => number {
  const { etaMax, fluxScaleWPerM2 } = POT_BASE[base];
  const peak = etaMax * couple * inWind;
  const halfW = fluxFactor * fluxScaleWPerM2 * baseM2;
  return (powerW) => peak / (1 + powerW / halfW);
}
