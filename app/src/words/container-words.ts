import type { Container } from '@tinder/core/domain/carry';
import type { CarryPlan } from '@tinder/core/planning/planned';
import type { Format } from './format';
import { cut } from './quoted';
import type { Units } from './units';

/** "one 230 g canister", "480 mL of alcohol in a 500 mL bottle", "18 tablets". */
export function containersInWords(carry: Pick<CarryPlan, 'containers'>, units: Pick<Units, 'text'>): string {
  const { containers } = carry;
  const [first] = containers;
  const n = containers.length;
  const filled = (): string => {
    const fillMl = containers.reduce((sum, c) => sum + ('fillMl' in c ? c.fillMl : 0), 0);
    return units.text(fillMl, 'volume');
  };
  switch (first?.kind) {
    case 'tablets':
      return `${first.count} tablets of ${first.tabletG} g`;
    case 'bottle':
      return `${filled()} of alcohol in ${n === 1 ? 'one bottle' : `${n} bottles`}`;
    case 'liquidBottle':
      return `${filled()} of liquid fuel`;
    case 'gelTin':
      return n === 1 ? 'one tin of gel' : `${n} tins of gel`;
    default:
      return cansInWords(containers, units);
  }
}

/** Part-used ones each with what is in it, full ones counted by size; empties are not named. */
function cansInWords(containers: readonly Container[], units: Pick<Units, 'text'>): string {
  const counts = new Map<number, number>();
  const used: string[] = [];
  for (const c of containers) {
    if (c.kind !== 'canister' || c.fuelG <= 0.5) continue;
    if (c.own) used.push(`the ${c.netG} g canister with ${units.text(c.fuelG, 'mass')} left`);
    else if (c.fuelG > c.netG - 0.5) counts.set(c.netG, (counts.get(c.netG) ?? 0) + 1);
    else used.push(`${units.text(c.fuelG, 'mass')} in the part-used ${c.netG} g canister`);
  }
  return [...used, ...[...counts].map(([netG, n]) => `${countWords(n)} ${netG} g ${n === 1 ? 'canister' : 'canisters'}`)].join(' and ');
}

const COUNTS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];
/** "two", "11". */
const countWords = (n: number): string => COUNTS[n] ?? String(n);

/** "new 230 g canister", "500 mL bottle with 320 mL", "18 tablets"; one of the walker's own by its name as well. */
export function containerWords(c: Container, format: Format): string {
  return c.own ? `${whatItIs(c, format)} (${cut(c.own.name)})` : whatItIs(c, format);
}

function whatItIs(c: Container, format: Format): string {
  switch (c.kind) {
    case 'canister':
      if (c.fuelG < 0.5) return `${c.netG} g canister, empty`;
      return c.fuelG > c.netG - 0.5 ? `${c.netG} g canister, new` : `${c.netG} g canister, ${format(c.fuelG, 'mass')} in it`;
    case 'bottle':
      return `${format(c.sizeMl, 'volume')} bottle, ${format(c.fillMl, 'volume')} in it`;
    case 'liquidBottle':
      return `${format(c.sizeMl, 'volume')} pressure bottle, ${format(c.fillMl, 'volume')} in it`;
    case 'gelTin':
      return `${c.netG} g tin of gel`;
    case 'tablets':
      return `${c.count} tablets of ${c.tabletG} g`;
  }
}
