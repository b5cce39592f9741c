import type { WeightMeasure } from '@tinder/core/domain/carry';
import type { Fuel } from '@tinder/core/physics/fuel';
import { cookedWithin, type CarryPlan, type Plan } from '@tinder/core/planning/planned';
import type { Units } from './units';

export const MEASURE_WORDS: Record<WeightMeasure, string> = {
  start: 'weight leaving the stops',
  gramDays: 'average over the days',
  gramKm: 'gram-kilometres',
  gramClimb: 'gram-kilometres with ascent',
};

/** What such a fuel is counted in where a purchase is decided; undefined where it comes in cans, or is not bought. */
export const pinUnitWords = (kind: Fuel['kind']): string | undefined =>
  ({ tablet: 'tablets', alcohol: 'measures', liquid: 'steps of 10 mL', gas: undefined, gel: undefined, wood: undefined, none: undefined })[
    kind
  ];

/** What following the walker's pins costs, or by how much they fall short. Empty without pins. */
export function pinWords({ pinCost, pinTooSmall }: Pick<Plan, 'pinCost' | 'pinTooSmall'>, units: Pick<Units, 'text'>): string {
  if (pinTooSmall) {
    const short = units.text(pinTooSmall.needG - pinTooSmall.mostG, 'mass');
    return `What is pinned is ${short} too little out of ${pinTooSmall.stop}: the pins are not followed. Buy more, or let it be chosen.`;
  }
  if (!pinCost) return '';
  const weight = Math.abs(pinCost.meanG) < 0.5 ? 'no weight' : `${units.text(pinCost.meanG, 'mass')} carried all the way`;
  const money =
    Math.abs(pinCost.price) < 0.005 ? '' : ` and ${units.text(Math.abs(pinCost.price), 'price')} ${pinCost.price > 0 ? 'more' : 'less'}`;
  return `What is pinned costs ${weight}${money}, against the best without it.`;
}

/** What any one leak would leave, of several bottles or one. */
export function leakWords({ containers, days, fuelG }: CarryPlan, units: Pick<Units, 'text'>): string {
  if (containers[0]?.kind !== 'bottle') return '';
  const leftG = fuelG - Math.max(...containers.map((c) => c.fuelG));
  const all = cookedWithin(days, fuelG);
  return `If one bottle leaks, ${units.text(leftG, 'mass')} are left: ${cookedWithin(days, leftG)} of ${all} hot meals.`;
}
