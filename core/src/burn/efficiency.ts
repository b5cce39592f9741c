import { POT_BASE } from './constants';

/**
 * Share of released heat that enters the pot as a function of the power released in W:
 * η = η_max·couple / (1 + P/(q0·A)) · exp(−k·u) (docs/physics.md, The burn).
 * `baseM2` pot base, `windDecayPerMps` = k, `flameWindMps` behind the windscreen; `fluxFactor` multiplies q0.
 */
export function efficiencyOf(
  baseM2: number,
  base: keyof typeof POT_BASE,
  couple: number,
  windDecayPerMps: number,
  flameWindMps: number,
  fluxFactor = 1,
): (powerW: number) => number {
  const { etaMax, fluxScaleWPerM2 } = POT_BASE[base];
  const peak = etaMax * couple * Math.exp(-windDecayPerMps * flameWindMps);
  const halfW = fluxFactor * fluxScaleWPerM2 * baseM2;
  return (powerW) => peak / (1 + powerW / halfW);
}
