import { EMPTY_G, type Container } from '@tinder/core/domain/carry';
import type { CarryPlan } from '@tinder/core/planning/planned';
import type { OwnChoice, OwnWay } from '@tinder/core/studies/study';
import { dayWords } from './problem-words';
import type { Units } from './units';

/** That the shelf holds something for this kit that no trip was offered; empty where it does not. */
export const shelfHintWords = (count: number): string =>
  count === 0 ? '' : `${count} part-used ${count === 1 ? 'container at home fits' : 'containers at home fit'} this stove`;

/** A way of using the shelf, by the names of its containers. */
export function wayWords({ way, taken }: OwnWay, nameOf: (id: string) => string): string {
  if (way.code === 'none') return 'nothing from the shelf';
  if (way.code === 'without') return `without ${nameOf(way.id)}`;
  return taken.length
    ? `best choice:  ${taken.map((t) => nameOf(t.id)).join(', ')}`
    : 'the whole shelf offered: nothing of it is worth its weight';
}

/** What the shelf saves against buying everything, or why not. */
export function shelfWorthWords({ ways }: OwnChoice, units: Units): string {
  const best = ways.find((w) => w.way.code === 'best');
  const none = ways.find((w) => w.way.code === 'none');
  if (!best || !none) return '';
  if (!best.taken.length)
    return 'Nothing on the shelf is worth its weight here: new canisters are lighter for what they hold, or the fuel is another.';
  const lighterG = none.averageG - best.averageG;
  const cheaper = none.price - best.price;
  const weight =
    lighterG > 0.5
      ? `${units.text(lighterG, 'mass')} lighter on average`
      : lighterG < -0.5
        ? `${units.text(-lighterG, 'mass')} heavier on average`
        : 'as heavy';
  const meals = best.mealsMissed - none.mealsMissed;
  const missed = meals > 0 ? `; ${meals} hot ${meals === 1 ? 'meal stays' : 'meals stay'} cold that new canisters would cook` : '';
  return `With the shelf: ${weight} and ${units.text(Math.max(0, cheaper), 'price')} less to buy than with new canisters alone${missed}.`;
}

/** Which container on which days, one of one's own by its name. */
export function canDaysWords(c: Container, carry: Pick<CarryPlan, 'containers' | 'days'>): string {
  const at = carry.containers.indexOf(c);
  const days = carry.days.filter((d) => Object.values(d.meals).some((m) => m.canAt === at)).map((d) => d.day);
  return days.length ? `on ${dayWords(days)}` : c.fuelG > EMPTY_G ? 'in reserve' : 'empty';
}

/** What of the shelf is better finished at home, by name. */
export const toFinishWords = (names: readonly string[]): string =>
  names.length
    ? `Finish on day walks and in the garden: ${new Intl.ListFormat('en', { type: 'conjunction' }).format(names)}. On this trip they weigh more than they hold.`
    : '';
