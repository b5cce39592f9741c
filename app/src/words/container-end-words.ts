import type { Container } from '@tinder/core/domain/carry';
import { MEALS } from '@tinder/core/domain/model';
import type { CarryPlan } from '@tinder/core/planning/planned';
import { containerWords } from './container-words';
import type { Units } from './units';

/** A container that leaves a stop: what it is, what becomes of it on the leg, and the share of its fuel that is left, 0–1. */
export interface ContainerEnd {
  container: Container;
  words: string;
  end: string;
  kept: number;
}
/** Less fuel than this counts as none, g. */
const EMPTY_G = 0.5;

/** Every container of a load-out with its end, in the order of use. */
export function containerEnds(carry: Pick<CarryPlan, 'containers' | 'after' | 'days'>, units: Units): ContainerEnd[] {
  return carry.containers.map((container, i) => {
    const leftG = carry.after[i]?.fuelG ?? 0;
    const words = shortWords(container, units);
    const kept = container.fuelG > 0 ? leftG / container.fuelG : 0;
    return { container, words, end: container.fuelG < EMPTY_G ? '' : endWords(carry, i, leftG, units), kept };
  });
}

/** "100 g, new": what it is beside its drawing, which says that it is a canister. */
function shortWords(c: Container, units: Units): string {
  if (c.kind !== 'canister' || c.own) return containerWords(c, (v, q, d) => units.text(v, q, d));
  if (c.fuelG < EMPTY_G) return `${c.netG} g, empty`;
  return c.fuelG > c.netG - EMPTY_G ? `${c.netG} g, new` : `${c.netG} g, ${units.text(c.fuelG, 'mass')} in it`;
}

function endWords({ days }: Pick<CarryPlan, 'days'>, place: number, leftG: number, units: Pick<Units, 'text'>): string {
  if (leftG >= EMPTY_G) return `${units.text(leftG, 'mass')} left on arrival`;
  const last = days.findLast((d) => MEALS.some((name) => d.meals[name]?.canAt === place));
  return last ? `used up by day ${last.day}` : 'used up';
}
