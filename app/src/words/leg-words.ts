import type { CarryPlan } from '@tinder/core/planning/planned';
import type { LegKitChoice } from '@tinder/core/studies/study';
import type { Supply } from '@tinder/core/domain/trail';
import { containersInWords } from './container-words';
import type { Units } from './units';

/** "days 1–5", "day 7". */
export const daySpanWords = (first: number, last: number): string => (first === last ? `day ${first}` : `days ${first}–${last}`);

/** "1 day", "5 days". */
export const dayCountWords = (n: number): string => `${n} ${n === 1 ? 'day' : 'days'}`;

/** What water is taken from, in the order in which it costs fuel. */
export const WATER_WORDS = [
  { value: 'stream', label: 'Stream' },
  { value: 'snow', label: 'Snow' },
  { value: 'snowDry', label: 'Dry snow' },
] as const;

const SUPPLY_WORDS: Record<Supply, string> = { home: 'packed at home', box: 'from the mail drop', shop: 'bought there' };

/** What a carry leaves with. */
export function leavesWithWords(c: CarryPlan, units: Pick<Units, 'text'>): string {
  if (c.fuelG > 0) return containersInWords(c, units);
  return c.gatheredG > 0 ? 'wood, gathered' : 'no fuel';
}

/** Where its fuel comes from. */
export function supplyWords(c: Pick<CarryPlan, 'bought' | 'fuelG' | 'supply'>): string {
  if (c.bought.length) return SUPPLY_WORDS[c.supply];
  return c.fuelG > 0 ? 'carried on' : '';
}

/** What another kit on a leg weighs against the one that is carried. */
export function legKitWeightWords({ averageG }: LegKitChoice, units: Pick<Units, 'text'>): string {
  if (Math.abs(averageG) < 0.5) return 'no difference in weight';
  return averageG < 0 ? `${units.text(-averageG, 'mass')} lighter` : `${units.text(averageG, 'mass')} heavier`;
}

/** What it does to the hot meals. */
export function legKitMealWords({ mealsMissed }: LegKitChoice): string {
  if (mealsMissed === 0) return '';
  const n = Math.abs(mealsMissed);
  const meals = `${n} hot ${n === 1 ? 'meal' : 'meals'}`;
  return mealsMissed < 0 ? `mends ${meals}` : `${meals} more stay cold`;
}
