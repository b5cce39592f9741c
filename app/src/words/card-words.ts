import type { Kit, Meal } from '@tinder/core/domain/model';
import type { CookedDish, DishCard } from '@tinder/core/studies/study';
import { DONENESS } from '@tinder/core/physics/burn';
import { formatDuration } from '@tinder/core/foundation/units';
import { doseWords } from './meal-words';
import type { Units } from './units';
import { measured } from './measured';
import { methodWords } from './menu-words';
import { waterWords } from './water-words';

type Format = Pick<Units, 'text' | 'mealMass'>;

/** Water, dose, flame, time, cues, rest and when it can be eaten, in the order of doing; water in marks of a cup where there is one. */
export function cardWords({ meal, cooked, ...pot }: DishCard, kit: Kit, units: Format, cupMarkMl: number | null): string[] {
  if (!cooked) return coldWords(meal, units);
  const fried = meal.target.kind === 'fry';
  const stirredIn = isStirredIn(meal);
  const [heat, range, ...rest] = stoveWords({ meal, cooked, ...pot }, kit, units, cupMarkMl);
  return [
    heat,
    range,
    ...(stirredIn
      ? [`It fills ${units.text(pot.potFillMl, 'volume')} of the pot; the food swells to about ${units.text(pot.swollenMl, 'volume')}.`]
      : []),
    ...rest,
    ...(fried
      ? []
      : [
          `After ${meal.restMin} min it is at ${units.text(cooked.eatenC, 'temperature')}; cool enough to eat ${formatDuration(cooked.coolS)} after the flame.`,
        ]),
    ...safetyWords(meal),
  ];
}

/** The same as short as it is read at the stove: water and flame, time, cue, what is stirred in, rest. */
export function stoveWords({ meal, cooked }: DishCard, kit: Kit, units: Format, cupMarkMl: number | null): string[] {
  if (!cooked) return coldWords(meal, units);
  const stirredIn = isStirredIn(meal);
  return [
    heatWords(meal, cooked, kit, { units, cupMarkMl }),
    rangeWords(cooked),
    cueWords(meal),
    ...(stirredIn && meal.simmerMin === 0
      ? [`Stir in ${units.text(meal.dryG, 'mass')}: it drops to ${units.text(cooked.mixedC, 'temperature')}.`]
      : []),
    ...(stirredIn ? [restWords(meal, cooked)] : []),
  ];
}

const isStirredIn = ({ dryG, target }: Meal): boolean => dryG > 0 && target.kind !== 'fry';

function heatWords(
  meal: Meal,
  { planned }: CookedDish,
  kit: Kit,
  { units, cupMarkMl }: { units: Format; cupMarkMl: number | null },
): string {
  const flame = `${Math.round(100 * kit.flameSetting)} %`;
  const fuel = units.mealMass(planned.fuelG);
  if (meal.target.kind === 'fry') return `Fry ${meal.target.minutes} min at ${flame} flame: ${fuel}.`;
  const how = planned.dose ? doseWords(planned.dose, units) : `flame at ${flame}`;
  return `${waterWords(meal.waterMl, cupMarkMl, units)} of water; ${how}: ${fuel} of fuel.`;
}

function rangeWords({ planned, quickS, slowS }: CookedDish): string {
  const hard = slowS === undefined ? 'never in a wind one class up' : `${formatDuration(slowS)} on a hard one`;
  return `About ${formatDuration(planned.burn.durationS)}, ${formatDuration(quickS)} on a mild evening, ${hard}.`;
}

function restWords({ packet }: Meal, { needRestS }: CookedDish): string {
  if (needRestS === undefined) return 'It cools before it is done: wrap it better, or boil.';
  if (needRestS === 0) return 'Done when the flame goes out.';
  const said = packet ? ` (the packet says ${packet.restMin} min)` : '';
  return `Rest ${formatDuration(Math.max(60, needRestS))} for it to be done here${said}.`;
}

function cueWords(meal: Meal): string {
  if (meal.target.kind === 'fry') return 'Ready when a drop of water dances in the pan.';
  if (meal.target.kind === 'stopAt')
    return meal.target.targetC >= 85
      ? 'Stop at small bubbles and steam along the wall.'
      : 'Stop when it steams and is too hot for a finger.';
  if (meal.simmerMin > 0) return `At the rolling boil put the food in, turn down, ${meal.simmerMin} min, stir to the corners.`;
  return meal.makeSafe !== 'none'
    ? 'A rolling boil for the whole time counts, bubbles all over.'
    : 'Ready at a rolling boil, bubbles all over.';
}

function coldWords(meal: Meal, units: Format): string[] {
  if (meal.method === 'coldSoak')
    return [
      `Soak in ${units.text(meal.waterMl, 'volume')} for ${meal.restMin} min, in a clean jar with the lid on.`,
      measured('Eat within 2 hours above {4 °C}, 1 hour above {32 °C} (USDA-FSIS).', units),
    ];
  return [`${methodWords(meal.method, units)}: no flame.`, ...safetyWords(meal)];
}

const safetyWords = (meal: Meal): string[] =>
  meal.dryG > 0 ? ['Clean hands and spoon; what is left over is not kept beyond 2 hours.'] : [];

/** What a verdict on a dish taught: the minutes it wants. */
export const learntWords = (doneMin: number, units: Pick<Units, 'text'>): string =>
  `Noted: it wants ${doneMin.toFixed(1)} min at ${units.text(DONENESS.referenceC, 'temperature')}.`;
