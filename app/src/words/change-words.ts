import type { Change } from '@tinder/core/studies/study';
import { formatDuration } from '@tinder/core/foundation/units';
import { WINDSCREEN_WORDS } from './choice-words';
import { measured } from './measured';
import { PART_WORDS } from './part-words';
import type { Units } from './units';

/** What a change of the plan is, as something to do. */
export function changeWords({ kind }: Pick<Change, 'kind'>, units: Pick<Units, 'text'>): string {
  switch (kind.code) {
    case 'stopAt88':
      return measured('Heat to {88 °C} instead of boiling', units);
    case 'lidOn':
      return 'Put the lid on';
    case 'flame':
      return `Set the flame to ${Math.round(100 * kind.setting)} %`;
    case 'windscreen':
      return `Use a windscreen: ${WINDSCREEN_WORDS[kind.windscreen]}`;
    case 'warmCan':
      return 'Warm the canister in your jacket';
    case 'oneLighting':
      return `Heat ${PART_WORDS.supper} and what follows in one lighting`;
    case 'pot':
      return `Cook in another pot: ${kind.name}`;
    case 'noBurner':
      return 'Send stove and windscreen ahead where no flame is allowed';
    case 'coldBreakfast':
      return 'Eat breakfast cold';
  }
}

/** What a change does: meals mended, weight off the back, fuel, time; and that it costs comfort. */
export function effectWords({ mealsMended, startG, fuelG, timeS, comfort }: Change, units: Pick<Units, 'text'>): string {
  const effect = [
    ...(mealsMended > 0 ? [`mends ${mealsMended} ${mealsMended === 1 ? 'meal' : 'meals'}`] : []),
    ...(startG < -0.5 ? [`saves ${units.text(-startG, 'mass')} carried`] : []),
    ...(startG > 0.5 && mealsMended > 0 ? [`weighs ${units.text(startG, 'mass')} more`] : []),
    ...(startG >= -0.5 && fuelG < 0 && mealsMended === 0 ? [`saves ${units.text(-fuelG, 'mass')} of fuel`] : []),
  ];
  // what it takes, not what it gives besides: it is said at one glance
  const costs = [
    ...(timeS >= 60 && mealsMended === 0 ? [`${formatDuration(timeS)} more stove time`] : []),
    ...(comfort ? ['costs comfort'] : []),
  ];
  return [effect.join(' and '), ...costs].join(', ');
}
