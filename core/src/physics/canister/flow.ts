/**
 * Flow of gas through a burner's jet: ideal-gas orifice.
 * Standard compressible-flow relations (e.g. White, Fluid Mechanics, chapter 9) with γ of butane-like vapour.
 */
const GAMMA = 1.1;
/** Upstream pressure at which rated power is stated, Pa absolute (docs/physics.md, The can; common practice). */
export const RATED_PRESSURE_PA = 430_000;
/** p_amb/p below which the jet is choked: (2/(γ+1))^(γ/(γ−1)). */
export const CRITICAL_RATIO = (2 / (GAMMA + 1)) ** (GAMMA / (GAMMA - 1));
const CHOKED_FACTOR = Math.sqrt(GAMMA) * (2 / (GAMMA + 1)) ** ((GAMMA + 1) / (2 * (GAMMA - 1)));

/**
 * Mass flow per jet area and per 1/√(RT), in Pa, for an upstream pressure in Pa into `ambientPa`.
 * Zero when the can is at or below ambient pressure. Only ratios of it are used.
 */
export function jetFlow(upstreamPa: number, ambientPa: number): number {
  if (upstreamPa <= ambientPa) return 0;
  const r = ambientPa / upstreamPa;
  if (r <= CRITICAL_RATIO) return upstreamPa * CHOKED_FACTOR;
  const root = r ** (1 / GAMMA);
  return upstreamPa * Math.sqrt(((2 * GAMMA) / (GAMMA - 1)) * root * (root - r));
}

/**
 * Share of rated power that a can at `canPa` can feed at full opening (may exceed 1 in a warm can).
 * Rated at {@link RATED_PRESSURE_PA} into sea-level air, where the jet is choked.
 */
export function unregulatedSupply(canPa: number, ambientPa: number): number {
  return jetFlow(canPa, ambientPa) / (RATED_PRESSURE_PA * CHOKED_FACTOR);
}
