import { fuelOfG, type Container } from '@tinder/core/domain/carry';
import { MEALS } from '@tinder/core/domain/model';
import type { CarryPlan } from '@tinder/core/planning/planned';
import { containerWords } from './container-words';
import { dayWords } from './problem-words';
import { cut } from './quoted';
import type { Units } from './units';

const SOURCE_WORDS: Record<CarryPlan['supply'], string> = { home: 'Packed at home', box: 'Out of the box', shop: 'Bought here' };
/** Less fuel than this is not worth a word, g. */
const WORTH_SAYING_G = 0.5;

const listWords = (containers: readonly Container[], units: Pick<Units, 'text'>): string =>
  containers.map((c) => containerWords(c, (v, q, d) => units.text(v, q, d))).join(', ');

/** What is bought, carried on and left at a stop, and which canister is for which days. */
export function movesWords(carry: CarryPlan, units: Units): string {
  const { supply, bought, taken, left, arrivedWith } = carry;
  const order = canOrderWords(carry);
  const onG = fuelOfG(arrivedWith) - fuelOfG(left);
  const on = carriedOn(arrivedWith, left).filter((c) => c.fuelG > WORTH_SAYING_G);
  return [
    ...(bought.length
      ? [`${SOURCE_WORDS[supply]}: ${listWords(bought, units)}.`]
      : onG > WORTH_SAYING_G || taken.length
        ? ['Nothing is bought here.']
        : []),
    ...(taken.length ? [`From the shelf: ${listWords(taken, units)}.`] : []),
    ...(on.length ? [`Carried on: ${listWords(on, units)}.`] : []),
    ...(left.length ? [`Left here: ${listWords(left, units)}.`] : []),
    ...(order ? [order] : []),
  ].join(' ');
}

/** Of what came to a stop, what goes on. */
function carriedOn(arrivedWith: readonly Container[], left: readonly Container[]): Container[] {
  const gone = [...left];
  return arrivedWith.filter((c) => {
    const at = gone.findIndex((l) => l.kind === c.kind && l.tareG === c.tareG && Math.abs(l.fuelG - c.fuelG) < WORTH_SAYING_G);
    if (at >= 0) gone.splice(at, 1);
    return at < 0;
  });
}

/** What stays at a stop with fuel in it: given away, or to the recycling; empty where nothing does. */
export const leftBehindWords = ({ left }: Pick<CarryPlan, 'left'>, units: Pick<Units, 'text'>): string =>
  listWords(
    left.filter((c) => c.fuelG > WORTH_SAYING_G),
    units,
  );

/** Which canister for which meals, where more than one is carried: in their order, and where a weak one is passed over. */
function canOrderWords({ containers, days }: Pick<CarryPlan, 'containers' | 'days'>): string {
  const meals = days.flatMap((d) => MEALS.flatMap((name) => d.meals[name] ?? [])).filter((m) => m.canAt !== undefined);
  const used = [...new Set(meals.map((m) => m.canAt ?? 0))].filter((at) => at < containers.length);
  if (used.length < 2) return '';
  const daysOf = (at: number): number[] => [...new Set(meals.filter((m) => m.canAt === at).map((m) => m.day))];
  return `Use: ${used.map((at) => `${canName(containers[at])} on ${dayWords(daysOf(at))}`).join(', ')}.`;
}

const canName = (c: Container): string => {
  if (c.kind !== 'canister') return '';
  if (c.own) return `“${cut(c.own.name)}”`;
  return c.fuelG > c.netG - WORTH_SAYING_G ? `a new ${c.netG} g canister` : `the part-used ${c.netG} g canister`;
};

/** The water carried to dry camps of a carry; empty where there is none. */
export const dryCampWords = (carry: CarryPlan, units: Units): string =>
  carry.days
    .filter((d) => d.carriedWaterMl > 0)
    .map(
      (d) =>
        `Dry camp on day ${d.day}: carry ${units.text(d.carriedWaterMl, 'volume')} to cook with, ${units.text(d.carriedWaterMl, 'mass')} more.`,
    )
    .join(' ');
