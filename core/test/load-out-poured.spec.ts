import fc from 'fast-check';
import type { Highs } from 'highs';
import { burntAlong } from '../src/domain/carry';
import { bestPoured, type PouredStage } from '../src/planning/load-out';
import { anyStage, price, worth } from './any-stage';
import { loadHighs, pouredLp, solve, type Bottles } from './load-out-mip';
import { problemOf, valueOf } from './value-of';

const BOTTLES: Bottles = { stepMl: 250, tareG: 20, densityGPerMl: 0.8 };
const bottleTare = (fuelG: number): number => Math.ceil(fuelG / (BOTTLES.stepMl * BOTTLES.densityGPerMl) - 1e-9) * BOTTLES.tareG;

let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});

describe('load-outs by the measure', () => {
  const anyPoured = fc.array(fc.tuple(anyStage, price), { minLength: 1, maxLength: 4 });

  it('cost what HiGHS finds, bottles and all', () => {
    fc.assert(
      fc.property(anyPoured, worth, (list, gramsPerPrice) => {
        const unitG = 4;
        const prices = list.map(([, p], i) => (i === 0 ? (p ?? 3) : p));
        const stages = list.map(([stage], i): PouredStage => {
          const each = prices[i];
          return { ...stage, price: each === undefined ? undefined : (n) => each * n };
        });
        const ours = bestPoured(unitG, bottleTare, stages, gramsPerPrice);
        const theirs = solve(highs, pouredLp(unitG, BOTTLES, stages, prices, gramsPerPrice));
        const { cost } = valueOf(ours); // home sells it: there is a plan
        expect(Math.abs(cost - (theirs ?? Number.NaN))).toBeLessThan(1e-4 * Math.max(1, cost));
      }),
      { numRuns: 40 },
    );
  });

  it('buy just enough where it is sold, more where the next stop sells none, and say where there is none', () => {
    const stage = (needG: number, sold: boolean): PouredStage => ({
      ...burntAlong([needG], [1]),
      needG,
      bin: true,
      price: sold ? (n) => n : undefined,
    });
    const plan = valueOf(bestPoured(4, bottleTare, [stage(40, true), stage(20, false), stage(40, true)]));
    expect(plan.steps.map((s) => s.boughtUnits)).toEqual([15, 0, 10]);
    expect(problemOf(bestPoured(4, bottleTare, [stage(40, false)]))).toEqual({ code: 'short', stage: 0, needG: 40, mostG: 0 });
  });

  it('buys where it is cheap once a price weighs enough', () => {
    const stage = (each: number): PouredStage => ({ ...burntAlong([40], [1]), needG: 40, bin: true, price: (n) => each * n });
    const light = valueOf(bestPoured(4, bottleTare, [stage(1), stage(10)], 0));
    const thrifty = valueOf(bestPoured(4, bottleTare, [stage(1), stage(10)], 100));
    expect(light.steps.map((s) => s.boughtUnits)).toEqual([10, 10]);
    expect(thrifty.steps.map((s) => s.boughtUnits)).toEqual([20, 0]);
  });
});

describe('fuel by the measure that is there already', () => {
  it('pours on top of what is in the bottle', () => {
    const stage: PouredStage = { ...burntAlong([100], [1]), needG: 100, bin: true, price: (n) => n };
    const plan = valueOf(bestPoured(4, bottleTare, [stage], 0, 30));
    expect(plan.steps[0]).toEqual({ boughtUnits: 18, ownUnits: 0, fuelG: 102, tareG: 20 });
  });

  it('takes what is the walker’s own before it buys, and never more than there is of it', () => {
    // 25 units of 4 g: 10 of one’s own are free, 15 are bought; where nothing is sold 10 are too few
    const stage: PouredStage = { ...burntAlong([100], [1]), needG: 100, bin: true, price: (n) => n, ownUnits: 10 };
    const plan = valueOf(bestPoured(4, bottleTare, [stage], 0));
    expect([plan.steps[0], plan.price]).toEqual([{ boughtUnits: 15, ownUnits: 10, fuelG: 100, tareG: 20 }, 15]);
    const pinned = valueOf(bestPoured(4, bottleTare, [{ ...stage, pinned: 20 }], 0));
    expect(pinned.steps[0]).toMatchObject({ boughtUnits: 20, ownUnits: 5 });
    const { price: _none, ...unsold } = stage;
    expect(problemOf(bestPoured(4, bottleTare, [{ ...unsold, price: undefined }]))).toEqual({
      code: 'short',
      stage: 0,
      needG: 100,
      mostG: 40,
    });
    expect(valueOf(bestPoured(4, bottleTare, [{ ...unsold, price: undefined, ownUnits: 40 }])).steps[0].ownUnits).toBe(25);
  });
});
