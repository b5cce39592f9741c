import fc from 'fast-check';
import type { Highs } from 'highs';
import { burntAlong, CANISTER_SIZES, type CanStage } from '../src/domain/carry';
import { bestCans, type OwnCan } from '../src/planning/load-out';
import { anyCans, grams, worth } from './any-stage';
import { cansLp, loadHighs, solve } from './load-out-mip';
import { valueOf } from './value-of';

/** The usual sizes, and one of the walker's own whose empty can weighs something else. */
const WITH_OWN = [...CANISTER_SIZES, { netG: 100, tareG: 99 }];
const withOwnSizes = (stages: readonly CanStage[]): CanStage[] => stages.map((s) => ({ ...s, prices: [...s.prices, undefined] }));
/** Up to three cans of one's own, full or part-used, each to be had at one or two stops. */
const anyOwn: fc.Arbitrary<OwnCan[]> = fc.array(
  fc
    .record({
      size: grams(0, 3),
      share: fc.constantFrom(0.1, 0.25, 0.4, 0.7, 1),
      stages: fc.array(grams(0, 3), { minLength: 1, maxLength: 2 }),
    })
    .map(({ size, share, stages }) => ({ size, fuelG: Math.round(share * WITH_OWN[size].netG), stages })),
  { minLength: 1, maxLength: 2 },
);

let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});

describe('load-outs with cans of one’s own', () => {
  it('cost what HiGHS finds where part-used cans of one’s own may come along, from home or out of boxes', () => {
    let taken = 0;
    fc.assert(
      fc.property(
        anyCans.map((list) => list.slice(0, 2)),
        anyOwn,
        worth,
        (stages, drawn, gramsPerPrice) => {
          const own = drawn.map((c) => ({ ...c, stages: [...new Set(c.stages.map((s) => Math.min(s, stages.length - 1)))] }));
          const plan = bestCans(WITH_OWN, withOwnSizes(stages), gramsPerPrice, [], undefined, own);
          const ours = plan.ok ? plan.value.cost : undefined;
          const theirs = solve(highs, cansLp(WITH_OWN, withOwnSizes(stages), gramsPerPrice, own));
          expect(ours === undefined).toBe(theirs === undefined);
          if (!plan.ok || ours === undefined || theirs === undefined) return;
          expect(Math.abs(ours - theirs)).toBeLessThan(1e-4 * Math.max(1, theirs));
          const { steps } = plan.value;
          taken += steps.reduce((n, s) => n + s.taken.length, 0);
          // every can holds what it held, less what was drawn from it: nothing is ever poured from one into another
          steps.forEach((s) => s.cans.forEach((c, j) => expect(s.after[j].fuelG).toBeLessThanOrEqual(c.fuelG + 1e-9)));
          steps.slice(1).forEach((s, i) => {
            const had = steps[i].after.map((c) => c.fuelG);
            const came = [
              ...had,
              ...s.taken.map((c) => c.fuelG),
              ...s.bought.flatMap((n, k) => Array.from({ length: n }, () => WITH_OWN[k].netG)),
            ];
            s.cans.forEach((c) => expect(came.some((g) => Math.abs(g - c.fuelG) < 1e-6)).toBe(true));
          });
        },
      ),
      { numRuns: 12 }, // the bench races 300
    );
    expect(taken).toBeGreaterThan(1);
  });

  it('leave an old can at home where a new one is lighter, and take it where it must come, by hand', () => {
    // 60 g for a morning: 70 g left in a can of 150 g (220 g) against a new small one (195 g); 70 g in one of 95 g (165 g) against both
    const day: CanStage = { ...burntAlong([60], [1]), needG: 60, bin: true, prices: [6, 9, 14] };
    const own = (size: number, must = false): OwnCan[] => [{ size, fuelG: 70, stages: [0], must }];
    const taken = (cans: OwnCan[]): unknown => {
      const plan = valueOf(bestCans(CANISTER_SIZES, [day], 0, [], undefined, cans));
      return [plan.steps[0].taken.length, plan.steps[0].bought, plan.cost];
    };
    expect(taken(own(1))).toEqual([0, [1, 0, 0], 195]);
    expect(taken(own(0))).toEqual([1, [0, 0, 0], 165]);
    expect(taken(own(1, true))).toEqual([1, [0, 0, 0], 220]);
  });
});
