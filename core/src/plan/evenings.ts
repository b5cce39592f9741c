import { CANISTER_SIZES } from '../carry/packages';
import type { Can } from '../canister/thermal';
import type { BurnFacts } from './meal-burn';

/** A full can of the middle size: what a burn is read with where the can's age is not the question. */
export const FRESH_CAN: Can = { ...CANISTER_SIZES[1], fuelLeftG: CANISTER_SIZES[1].netG };

/** Spread of water temperature from evening to evening, one standard deviation, K (domain section 8). */
export const WATER_SD_C = 3;
/** Wind one class down or up, as a factor on what was reckoned with (domain section 8). */
export const WIND_CLASS = { down: 0.5, up: 1.6 } as const;

/** The same burn on another evening: its water warmer by `waterK`, the wind at flame and pot times `wind`. Snow stays snow. */
export function onEvening(facts: BurnFacts, waterK: number, wind: number): BurnFacts {
  const start = facts.start.kind === 'water' ? { ...facts.start, waterC: Math.max(0, facts.start.waterC + waterK) } : facts.start;
  return { ...facts, start, flameWindMps: facts.flameWindMps * wind, potWindMps: facts.potWindMps * wind };
}
