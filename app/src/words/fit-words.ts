import { BEST_POT_HEIGHT_MM, BEST_SCREEN_GAP_MM } from '@tinder/core/physics/burn';
import type { Units } from './units';

/** What pot height and windscreen gap cost, as the share of heat that gets in (0–1). */
export function fitWords(factor: number, units: Units): string {
  const best = `Best is ${units.text(BEST_POT_HEIGHT_MM.from, 'length')} to ${units.text(BEST_POT_HEIGHT_MM.to, 'length')} above alcohol, a gap of about ${units.text(BEST_SCREEN_GAP_MM, 'length')} (common practice).`;
  const lostPercent = Math.round(100 * (1 - factor));
  return lostPercent < 1
    ? `${best} 100 % until burn tests of your own say otherwise.`
    : `${best} As it stands ${lostPercent} % less heat gets in.`;
}
