import { packageById } from '@tinder/core/domain/carry';
import type { Comfort } from '@tinder/core/domain/model';
import { type ComfortSpent, type Shop, type ShopChoice, type Spending } from '@tinder/core/studies/study';
import { dayWords } from './problem-words';
import type { Units } from './units';

export const COMFORT_WORDS: Record<Comfort, string> = {
  drink: 'a hot drink after dinner',
  boil: 'a real boil where the pot stops below it',
  wash: 'a litre of warm water to wash in',
};

/** What buying nothing would come to. */
export function shopWords(s: Shop, limit: number, units: Pick<Units, 'text'>): string {
  const nothing = s.choices[s.choices.length - 1];
  const on = s.carriedOnG > 0.5 ? `${units.text(s.carriedOnG, 'mass')} come with you. ` : '';
  return nothing.runOut <= limit
    ? `${on}Nothing has to be bought: what you carry lasts for all ${s.hotMealsWanted} hot meals.`
    : `${on}With nothing bought here ${nothing.hotMeals} of the ${s.hotMealsWanted} hot meals before the next shop can be cooked.`;
}

/** "2 × 100 g canister and 230 g canister", "480 mL, poured into your bottles", "nothing". */
export function takingWords({ packages, pouredMl }: ShopChoice, units: Pick<Units, 'text'>): string {
  if (packages.length)
    return packages
      .map((p) => (p.count === 1 ? packageById(p.packageId).name : `${p.count} × ${packageById(p.packageId).name}`))
      .join(' and ');
  return pouredMl ? `${units.text(pouredMl, 'volume')}, poured into your bottles` : 'nothing';
}

/** How much is over, and how much of it goes into comforts. */
export function slackWords({ slackG, leftG }: Pick<Spending, 'slackG' | 'leftG'>, units: Pick<Units, 'text'>): string {
  if (slackG < 0.5) return 'No fuel is spare: every gram is counted on.';
  return `${units.text(slackG, 'mass')} of fuel are spare on this leg, beyond need, reserve and what later legs count on. ${units.text(slackG - leftG, 'mass')} of them are used for:`;
}

/** A comfort with the days it is had on. */
export function comfortSpentWords({ comfort, days, eachG }: ComfortSpent, units: Pick<Units, 'mealMass'>): string {
  const each = eachG === undefined ? '' : `, about ${units.mealMass(eachG)} each`;
  if (days.length) return `${COMFORT_WORDS[comfort]} on ${dayWords(days)}${each}`;
  return eachG === undefined
    ? `${COMFORT_WORDS[comfort]}: already planned, or not possible`
    : `${COMFORT_WORDS[comfort]}: not enough fuel${each}`;
}
