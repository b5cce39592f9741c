import { nearest } from '@tinder/core/foundation/numeric';
import type { PlannedMeal } from '@tinder/core/planning/planned';
import type { FlameCurve } from '@tinder/core/studies/study';
import { formatDuration } from '@tinder/core/foundation/units';
import { PART_WORDS } from './part-words';
import type { Units } from './units';

/** Why a setting does not finish, in a word. */
export const FAIL_WORDS = { stalls: 'stalls', mayBlowOut: 'may blow out', wontRun: 'won’t run' };

const percent = (setting: number): number => Math.round(100 * setting);

/** The best flame for a meal, and what fully open costs and saves against it. */
export function flameWords(c: FlameCurve, { meal, day }: Pick<PlannedMeal, 'meal' | 'day'>, units: Pick<Units, 'mealMass'>): string {
  const of = `${PART_WORDS[meal]} on day ${day}`;
  if (!c.best) return `No setting finishes ${of}: find shelter, put the lid on, or heat less water.`;
  const best = `Least fuel for ${of}: ${percent(c.best.setting)} % open, ${units.mealMass(c.best.fuelG)} in ${formatDuration(c.best.durationS)}.`;
  if (!c.full) return `${best} Fully open does not finish.`;
  const costs = units.mealMass(c.full.fuelG - c.best.fuelG);
  return `${best} Fully open costs ${costs} more and saves ${formatDuration(c.best.durationS - c.full.durationS)}.`;
}

/** What a setting comes to. */
export function settingWords(c: FlameCurve, setting: number, units: Pick<Units, 'mealMass'>): string {
  const p = nearest(c.points, (x) => x.setting, setting);
  const end = p.outcome.kind === 'done' ? `${units.mealMass(p.fuelG)}, ${formatDuration(p.durationS)}` : FAIL_WORDS[p.outcome.kind];
  return `${percent(setting)} %: ${end}`;
}
