import type { Annoyance } from '@tinder/core/domain/model';

/** What is borne to make fuel last. */
export const ANNOYANCE_WORDS: Record<Annoyance, string> = {
  stopAt88: 'stop at small bubbles instead of the boil',
  lowerFlame: 'a lower flame',
  noWashUp: 'no warm wash-up water',
  filter: 'filter instead of boiling to make it safe',
  lessDrink: 'one hot drink less',
  coldBreakfast: 'cold breakfasts',
  detour: 'a detour to the shop',
  coldSupper: 'cold dinners',
};

/** "a lower flame and cold breakfasts". */
export function annoyancesWords(list: readonly Annoyance[]): string {
  const words = list.map((a) => ANNOYANCE_WORDS[a]);
  const last = words.at(-1) ?? 'nothing';
  return words.length < 2 ? last : `${words.slice(0, -1).join(', ')} and ${last}`;
}
