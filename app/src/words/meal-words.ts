import type { Dose } from '@tinder/core/physics/burn';
import type { PlannedMeal } from '@tinder/core/planning/planned';
import { edgeWords } from './edge-words';
import type { Units } from './units';

/** "pour 25 mL"; "light 2 tablets, keep 5 g". */
export function doseWords(dose: Dose, units: Pick<Units, 'text'>): string {
  if (dose.kind === 'alcohol') return `pour ${units.text(dose.ml, 'volume')}`;
  const tablets = `light ${dose.count} ${dose.count === 1 ? 'tablet' : 'tablets'}`;
  return dose.keptG > 0.5 ? `${tablets}, keep ${units.text(dose.keptG, 'mass')}` : tablets;
}

/** The same as a figure with its name. */
export const doseFigure = (dose: Dose, units: Pick<Units, 'text'>): { name: string; text: string } =>
  dose.kind === 'alcohol'
    ? { name: 'Spirit', text: units.text(dose.ml, 'volume') }
    : { name: 'Tablets', text: `${dose.count}${dose.keptG > 0.5 ? `, keep ${units.text(dose.keptG, 'mass')}` : ''}` };

/** Why a meal cannot be cooked so, and what to try. */
export function outcomeWords(meal: PlannedMeal, units: Pick<Units, 'text'>): string {
  const { outcome, targetC } = meal.burn;
  const edge = meal.edge ? edgeWords(meal.edge, units) : '';
  switch (outcome.kind) {
    case 'stalls':
      return `Stalls at ${units.text(outcome.atC, 'temperature')}, short of ${units.text(targetC, 'temperature')}: wind and cold take what the flame gives. ${edge}`;
    case 'mayBlowOut':
      return `May blow out: ${units.text(outcome.flameWindMps, 'speed')} at the flame, this kind holds to about ${units.text(outcome.limitMps, 'speed')}. ${edge}`;
    case 'wontRun':
      return `Won’t run: at ${units.text(meal.facts.airC, 'temperature')} the canister has no pressure. ${edge}`;
    case 'done':
      return '';
  }
}
