import fc from 'fast-check';
import { DEMO_TRIP } from '../src/demo';
import { fuelOfG, withReserve } from '../src/domain/carry';
import { fuelById } from '../src/physics/fuel';
import type { Trip } from '../src/domain/model';
import { planCache, planTrip } from '../src/planning/plan';
import { anyTrip } from './any-trip';

const onGas = (t: Trip): boolean => fuelById(t.kit.fuelId).kind === 'gas';

/** A guess, and three passes at most (settle). */
const MOST_ROUNDS = 4;

describe('settling what is carried on what is burnt', () => {
  it('ends after a guess and three passes at most, whatever the trip', () => {
    const cache = planCache();
    fc.assert(
      fc.property(anyTrip.filter(onGas), (trip) => {
        const rounds: number[] = [];
        const plan = planTrip(trip, { cache, report: ({ round }) => rounds.push(round) });
        expect(Math.max(...rounds)).toBeLessThanOrEqual(MOST_ROUNDS);
        // rounds are told in their order, and none is left out
        expect([...new Set(rounds)]).toEqual(Array.from({ length: Math.max(...rounds) }, (_, i) => i + 1));
        expect(plan.carries.length).toBeGreaterThan(0);
      }),
      { numRuns: 150, seed: 46 },
    );
  });

  it('ends where what is shown holds what it burns, with the reserve', () => {
    const cache = planCache();
    const trips = [DEMO_TRIP, ...fc.sample(anyTrip.filter(onGas), { numRuns: 150, seed: 47 })];
    for (const trip of trips)
      for (const c of planTrip(trip, { cache }).carries)
        expect(fuelOfG(c.containers)).toBeGreaterThanOrEqual(c.demandG * withReserve(trip) - 1e-6);
  });
});
