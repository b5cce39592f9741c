import type { Container } from '@tinder/core/domain/carry';
import type { ContainerDays } from '@tinder/core/output/pack';
import type { Units } from './units';

type Format = Pick<Units, 'text'>;

/** What is in a container, as it is checked on the way: grams in a canister, millilitres in a bottle, tablets by count. */
export function levelWords(c: Container, units: Format): string {
  switch (c.kind) {
    case 'bottle':
    case 'liquidBottle':
      return units.text(c.fillMl, 'volume', 0);
    case 'tablets':
      return `${c.count}`;
    case 'canister':
    case 'gelTin':
      return units.text(c.fuelG, 'mass');
  }
}

/** "Left after day 1: 76 g; day 2: 53 g." */
export function levelsWords({ days }: ContainerDays, units: Format): string {
  if (!days.length) return 'Not used on this leg.';
  return `Left after ${days.map((d) => `day ${d.day}: ${levelWords(d.left, units)}`).join('; ')}.`;
}
