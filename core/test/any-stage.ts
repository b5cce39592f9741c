import fc from 'fast-check';
import { burntAlong, type CanStage } from '../src/domain/carry';

/** Random stages of a trip, for the tests of load-outs. */

export const grams = (min: number, max: number) => fc.integer({ min, max });
/** A carry of one to three days, counted by mornings. */
export const anyStage = fc
  .record({
    burntG: fc.array(grams(5, 90), { minLength: 1, maxLength: 3 }),
    reserve: fc.constantFrom(0, 0.15, 0.4),
    weights: fc.array(fc.constantFrom(0, 1, 8, 20), { minLength: 3, maxLength: 3 }),
    bin: fc.boolean(),
  })
  .map(({ burntG, reserve, weights, bin }) => ({
    ...burntAlong(
      burntG,
      burntG.map((_, i) => weights[i] + 0.5),
    ),
    needG: burntG.reduce((a, b) => a + b, 0) * (1 + reserve),
    bin,
  }));
export const price = fc.option(grams(2, 20), { nil: undefined });
export const anyCans: fc.Arbitrary<CanStage[]> = fc
  .array(fc.tuple(anyStage, fc.tuple(price, price, price)), { minLength: 1, maxLength: 4 })
  .map((list) => list.map(([stage, prices], i) => ({ ...stage, prices: i === 0 ? prices.map((p) => p ?? 9) : prices })));
export const worth = fc.constantFrom(0, 5, 60);
