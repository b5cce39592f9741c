import type { Container } from '@tinder/core/carry';
import type { ContainerDays } from '@tinder/core/pack';
import type { Units } from './units';

type Format = Pick<Units, 'text'>;

/** What is left in a container, as it is checked on the way: grams in a canister, millilitres in a bottle, tablets by count. */
export function levelWords(c: Container, leftG: number, units: Format): string {
  switch (c.kind) {
    case 'bottle':
    case 'liquidBottle':
      return units.text((c.fillMl * leftG) / c.fuelG, 'volume', 0);
    case 'tablets':
      return `${Math.ceil(leftG / c.tabletG - 1e-9)}`;
    case 'canister':
    case 'gelTin':
      return units.text(leftG, 'mass');
  }
}

/** "After day 1: 76 g left; after day 2: 53 g." */
export function levelsWords({ container, days }: ContainerDays, units: Format): string {
  if (!days.length) return 'Not used on this leg.';
  return `Left after ${days.map((d) => `day ${d.day}: ${levelWords(container, d.leftG, units)}`).join('; ')}.`;
}
