import { fuelOfG, type Container } from '@tinder/core/carry';
import type { CarryPlan } from '@tinder/core/plan';
import { containerWords } from './derivation';
import type { Units } from './units';

const SOURCE_WORDS: Record<CarryPlan['supply'], string> = { home: 'Packed at home', box: 'Out of the box', shop: 'Bought here' };
/** Less fuel than this is not worth a word, g. */
const WORTH_SAYING_G = 0.5;

/** What is bought, carried on and left at a stop. */
export function movesWords({ supply, bought, left, arrivedWith }: CarryPlan, units: Units): string {
  const list = (cs: readonly Container[]): string => cs.map((c) => containerWords(c, (v, q, d) => units.text(v, q, d))).join(', ');
  const onG = fuelOfG(arrivedWith) - fuelOfG(left);
  return [
    ...(bought.length ? [`${SOURCE_WORDS[supply]}: ${list(bought)}.`] : onG > WORTH_SAYING_G ? ['Nothing is bought here.'] : []),
    ...(onG > WORTH_SAYING_G ? [`Carried on: ${units.text(onG, 'mass')} of fuel.`] : []),
    ...(left.length ? [`Left here: ${list(left)}.`] : []),
  ].join(' ');
}

/** The water carried to dry camps of a carry; empty where there is none. */
export const dryCampWords = (carry: CarryPlan, units: Units): string =>
  carry.days
    .filter((d) => d.carriedWaterMl > 0)
    .map(
      (d) =>
        `Dry camp on day ${d.day}: carry ${units.text(d.carriedWaterMl, 'volume')} to cook with, ${units.text(d.carriedWaterMl, 'mass')} more.`,
    )
    .join(' ');
