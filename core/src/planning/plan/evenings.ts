import type { BurnFacts } from '../planned';
import type { Can } from '../../physics/canister';
import { CANISTER_SIZES } from '../../domain/carry';

/** A full can of the middle size: what a burn is read with where the can's age is not the question. */
export const FRESH_CAN: Can = { ...CANISTER_SIZES[1]!, fuelLeftG: CANISTER_SIZES[1]!.netG };

/** The same burn on another evening: its water warmer by `waterK`, the wind at flame and pot times `wind`. Snow stays snow. */
export function onEvening(facts: BurnFacts, waterK: number, wind: number): BurnFacts {
  const start = facts.start.kind === 'water' ? { ...facts.start, waterC: Math.max(0, facts.start.waterC + waterK) } : facts.start;
  return { ...facts, start, flameWindMps: facts.flameWindMps * wind, potWindMps: facts.potWindMps * wind };
}
