import type { Plan } from '@tinder/core/planning/planned';
import type { StarterContrast } from '@tinder/core/studies/study';
import { WIND_WORDS } from './choice-words';
import { containersInWords } from './container-words';
import type { Units } from './units';

/** The answer that turned out wrong, as it would be: "Mornings at −4 °C". */
export function contrastWords({ code, answers }: StarterContrast, units: Pick<Units, 'text'>): string {
  switch (code) {
    case 'moreWind':
      return `${WIND_WORDS[answers.wind]} wind`;
    case 'colder':
      return `Mornings at ${units.text(answers.breakfastAirC, 'temperature')}`;
    case 'snow':
      return 'Melting snow for water';
    case 'longer':
      return 'One more night';
  }
}

/** What it would cost: "+11 g of fuel"; meals that fail come first, for they are worse than grams. */
export function contrastCostWords({ fuelG, mealsFailing }: StarterContrast, units: Pick<Units, 'text'>): string {
  if (mealsFailing > 0) return `${mealsFailing} ${mealsFailing === 1 ? 'meal fails' : 'meals fail'}`;
  return `${fuelG < 0 ? '−' : '+'}${units.text(Math.abs(fuelG), 'mass')} of fuel`;
}

/** The answer so far, in a sentence. */
export function draftWords({ carries }: Pick<Plan, 'carries'>, nights: number, units: Pick<Units, 'text'>): string {
  const [first] = carries;
  if (first.fuelG === 0) return 'Take no fuel: no hot meal is planned.';
  const where = carries.length > 1 ? `at ${first.to}` : 'at the end';
  const long = carries.length > 1 ? `to ${first.to}` : `for ${nights} ${nights === 1 ? 'night' : 'nights'}`;
  return `Take ${containersInWords(first, units)}: ${units.text(first.demandG, 'mass')} ${long}, ${units.text(first.fuelG - first.demandG, 'mass')} left ${where}.`;
}
