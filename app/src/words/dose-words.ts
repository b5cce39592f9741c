import { leftInBurner, type BurnerSeal } from '@tinder/core/physics/burn';
import { dilute } from '@tinder/core/physics/fuel';
import { MOST_RELIGHTS, RELIGHT_WAIT_S, type DoseChoice, type DoseTable } from '@tinder/core/planning/plan';
import type { PlannedMeal } from '@tinder/core/planning/planned';
import { SPREADS } from '@tinder/core/planning/risk';
import { PART_WORDS } from './part-words';
import type { Units } from './units';

/** A night in the burner, h. */
const OVERNIGHT_H = 10;

/** "never", "1 in 16", "always". */
export function shareWords(share: number): string {
  if (share < 0.005) return 'never';
  if (share > 0.995) return 'always';
  return share < 0.5 ? `1 in ${Math.round(1 / share)}` : `${Math.round(10 * share)} in 10`;
}

/** "25 mL", "2 tablets". */
export function doseAmountWords({ unit }: DoseTable, { amount }: DoseChoice, units: Pick<Units, 'text'>): string {
  return unit === 'mL' ? units.text(amount, 'volume') : `${amount} ${amount === 1 ? 'tablet' : 'tablets'}`;
}

/** The dose for a meal: the one that is planned, packed, read off the card and drawn in the risk. */
export function doseTableWords(t: DoseTable, meal: PlannedMeal, units: Pick<Units, 'text'>): string {
  const amount = doseAmountWords(t, t.best, units);
  const counted = `The plan counts ${units.text(t.best.expectedG, 'mass', 1)} for it, relights and what burns on included.`;
  const never =
    t.impossible > 0.005
      ? ` One evening in ${Math.round(1 / t.impossible)} it cannot be cooked as it stands: that one counts as in the nearest lee.`
      : '';
  const refill = t.wantsRefill ? ` That is all the stove holds: fill it again ${shareWords(t.best.relight)}, cold.` : '';
  return `For ${PART_WORDS[meal.meal]} on day ${meal.day}: ${amount}.${refill} ${counted}${never}`;
}

/** What the doses are judged over. */
export function doseSpreadWords(): string {
  const { waterK, quantityShare, windDown } = SPREADS;
  return (
    `Over water ± ${waterK} K, quantity ± ${Math.round(100 * quantityShare)} %, wind one class down or up one evening in ${Math.round(1 / windDown)} each. ` +
    `A relight waits ${RELIGHT_WAIT_S / 60} min and is poured in whole measures. The best dose burns least on average with at most one relight in ${Math.round(1 / MOST_RELIGHTS)}.`
  );
}

/** How a strong spirit is thinned; strengths in % by volume. */
export function dilutionWords(spiritMl: number, fromPercent: number, toPercent: number, units: Pick<Units, 'text'>): string {
  if (toPercent > fromPercent) return 'The wanted strength is above what you have: water only thins it.';
  const d = dilute(spiritMl, fromPercent / 100, toPercent / 100);
  const heat = `${d.dilutedKJPerMl.toFixed(1)} instead of ${d.strongKJPerMl.toFixed(1)} kJ a mL`;
  return `Add ${units.text(d.waterMl, 'volume')} of water: it makes ${units.text(d.resultMl, 'volume')}, with ${heat}.`;
}

/** What is left of alcohol that stays in its burner overnight. */
export function overnightWords(): string {
  const left = (seal: BurnerSeal): string => `${Math.round(100 * leftInBurner(seal, OVERNIGHT_H))} %`;
  return `What is left in a stove overnight: ${left('open')} if open, ${left('cap')} under a cap, ${left('gasket')} under a gasket lid (assumed).`;
}
