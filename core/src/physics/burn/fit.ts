import { BEST_POT_HEIGHT_MM, BEST_SCREEN_GAP_MM, FIT } from './constants';

/**
 * How well pot and burner stand to each other, as a factor on the coupling (common practice; 1 at the usual best).
 * `potHeightMm`: pot base above an alcohol burner's rim. Too low and the flame starves, too high and it misses the pot.
 */
export function potHeightFactor(potHeightMm: number): number {
  const { from, to } = BEST_POT_HEIGHT_MM;
  const offMm = Math.max(from - potHeightMm, potHeightMm - to, 0);
  return Math.max(FIT.least, 1 - FIT.heightLossPerMm * offMm);
}

/** The same for the gap between pot and a windscreen that stands round it, mm: too narrow it chokes, too wide the hot gas is lost. */
export function screenGapFactor(gapMm: number): number {
  const offMm = gapMm - BEST_SCREEN_GAP_MM;
  return Math.max(FIT.least, 1 - (offMm < 0 ? FIT.gapLossPerMm.narrow * -offMm : FIT.gapLossPerMm.wide * offMm));
}
