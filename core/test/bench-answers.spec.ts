import fc from 'fast-check';
import { answerOf, conditionsOf, fairOrder, fitTests, fuelReadG, nextArm, testedBurners, worthOf } from '../src/studies/bench';
import { DEMO_RACK } from '../src/demo';
import { build, rackWithBurner, tripKitOf, tripWithBurner } from '../src/domain/kit';
import {
  newSetup,
  newTest,
  ownBurner,
  type Arm,
  type BenchTest,
  type Calibration,
  type TestSeries,
  type TestSetup,
} from '../src/domain/model';
import { planTrip } from '../src/planning/plan';
import { NO_MISHAPS } from '../src/planning/risk';
import { ownBurnerEffect, whichTest } from '../src/studies/study';
import { writeTestsCsv, csvColumns, TEST_COLUMNS } from '../src/output/tables';
import { SHORT_TRIP } from './short-trip';
import { problemOf, valueOf } from './value-of';

const KIT = SHORT_TRIP.kit;
const CALM = newSetup('kit', KIT);
const series = (a: TestSetup, b: TestSetup, pairs = 3): TestSeries => ({
  id: 'q',
  on: '2027-05-01',
  question: 'which?',
  contrastId: null,
  a,
  b,
  nameA: 'A',
  nameB: 'B',
  pairs,
  expected: '',
  concluded: '',
  garden: null,
});
let n = 0;
const burnt = (arm: Arm, setup: TestSetup, burntG: number, seconds = 300, more: Partial<BenchTest> = {}): BenchTest =>
  newTest(`t${n++}`, '2027-05-01', setup, { fuel: { how: 'told', burntG }, seconds, end: 'reached' }, { seriesId: 'q', arm, ...more });

describe('a question at the bench', () => {
  it('answers the published practice: two windscreens in a wind are told apart, a warm can and a cold one are not', () => {
    // docs/physics.md, Common practice: foil 8 g in 3 min against the plate 24 g in 10; can at 4 °C 6 g in 4 min 30 against 7 g in 2 min 50
    const wind: TestSetup = { ...CALM, wind: { kind: 'flame', mps: 6 } };
    const [foil, plate] = [
      { ...wind, kit: { ...KIT, windscreen: 'foil' as const } },
      { ...wind, kit: { ...KIT, windscreen: 'plate' as const } },
    ];
    const screens = answerOf(series(foil, plate), [burnt('a', foil, 8, 180), burnt('b', plate, 24, 600)]);
    expect(screens.refused).toEqual({ code: 'oneRunEach', scaleTells: true });
    expect(screens.differs).toEqual(['windscreen']);
    const [cold, warm] = [4, 22].map((canC) => ({ ...CALM, can: { ...CALM.can, canC } }));
    const cans = answerOf(series(cold, warm), [burnt('a', cold, 6, 270), burnt('b', warm, 7, 170)]);
    expect(cans.refused).toEqual({ code: 'oneRunEach', scaleTells: false });
    expect(cans.told).toBe(false);
    expect(cans.toShow?.pairs).toBeGreaterThan(2);
  });

  it('gives the pairs’ difference with its interval where there are pairs, by hand', () => {
    const lidOff = { ...CALM, kit: { ...KIT, lidOn: !KIT.lidOn } };
    const tests = [9, 10, 9].flatMap((g, i) => [burnt('a', CALM, g), burnt('b', lidOff, g + [2, 3, 4][i])]);
    const { fuel, isPaired, told } = answerOf(series(CALM, lidOff), tests);
    // differences −2, −3, −4: mean −3, sd 1, t with 2 degrees 4.303
    expect([isPaired, fuel?.mean]).toEqual([true, -3]);
    expect(fuel?.high).toBeCloseTo(-3 + 4.303 / Math.sqrt(3), 2);
    expect(told).toBe(true);
  });

  it('never takes a side that failed for the thriftier one', () => {
    const bare = { ...CALM, kit: { ...KIT, windscreen: 'none' as const } };
    const failed = burnt('b', bare, 1, 900, { end: 'stalled' });
    const tests = [burnt('a', CALM, 12), burnt('b', bare, 8), burnt('a', CALM, 12), burnt('b', bare, 8), burnt('a', CALM, 12), failed];
    const answer = answerOf(series(CALM, bare), tests);
    expect([answer.arms.b.failed, answer.arms.b.reached, answer.told]).toEqual([1, 2, false]);
  });

  it('leaves out what was set aside, and says that more than one thing differs', () => {
    const other = { ...CALM, waterMl: 700, endPoint: 'thermometer' as const };
    const answer = answerOf(series(CALM, other), [
      burnt('a', CALM, 9),
      burnt('b', other, 12),
      burnt('b', other, 30, 300, { setAside: true }),
    ]);
    expect(answer.arms.b).toMatchObject({ reached: 1, meanG: 12 });
    expect(answer.differs).toEqual(['water', 'endPoint']);
  });

  it('asks for more water rather than more pairs where the scale is what hides it, and never for more than the pot holds', () => {
    fc.assert(
      fc.property(fc.integer({ min: 200, max: 500 }), fc.constantFrom(0.1, 1, 2), (waterMl, resolutionG) => {
        const setup = { ...CALM, waterMl, scale: { resolutionG, ownSdG: null } };
        const found = answerOf(series(setup, setup), [burnt('a', setup, 9), burnt('b', setup, 9)]).toShow;
        expect(found?.waterMl ?? 0).toBeLessThanOrEqual(0.9 * Math.PI * (KIT.pot.diameterMm / 20) ** 2 * (KIT.pot.heightMm / 10));
        if (found?.waterMl !== undefined) expect(found.waterMl).toBeGreaterThan(waterMl);
      }),
      { numRuns: 40 },
    );
  });

  it('holds what is saved on a carry against what it weighs', () => {
    const light = { ...CALM, kit: { ...KIT, windscreen: 'none' as const, windscreenMassG: 0 } };
    const screened = { ...CALM, kit: { ...KIT, windscreen: 'folded' as const, windscreenMassG: 48 } };
    const q = series(screened, light);
    const answer = answerOf(
      q,
      [8, 8, 8].flatMap((g) => [burnt('a', screened, g), burnt('b', light, 2 * g)]),
    );
    // half of 100 g against 48 g
    expect(worthOf(answer, q, 100)).toMatchObject({ savedG: expect.closeTo(50, 6) as number, heavierG: 48 });
  });

  it('goes A B B A until every pair is burnt', () => {
    expect(fairOrder(3)).toEqual(['A', 'B', 'B', 'A', 'A', 'B']);
    expect(nextArm(fairOrder(2), { a: 1, b: 1 })).toEqual({ arm: 'b', left: 2 });
    expect(nextArm(fairOrder(2), { a: 2, b: 2 })).toBeUndefined();
  });
});

describe('what is kept of a burn', () => {
  it('is weighed, dosed or told; alcohol by its density', () => {
    const setup = { ...CALM, kit: { ...KIT, burnerId: 'alcohol-open', fuelId: 'alcohol-denatured', windscreen: 'cone' as const } };
    expect(fuelReadG({ setup: CALM, fuel: { how: 'weighed', beforeG: 301, afterG: 292 } })).toBe(9);
    // one fluid ounce of 29.57 mL at 0.8 g/mL
    expect(fuelReadG({ setup, fuel: { how: 'dosed', doseMl: 29.57, leftMl: 0 } })).toBeCloseTo(23.7, 0);
  });

  it('goes out as a table with a row for every burn, and no grams for one that failed', () => {
    const failed = burnt('a', CALM, 3, 600, { end: 'wentOut' });
    const csv = writeTestsCsv({ tests: [burnt('a', CALM, 9), failed], series: [] });
    expect(csvColumns(csv)).toEqual([...TEST_COLUMNS]);
    const [, good, bad] = csv.split('\r\n');
    expect([good, bad].map((line) => line.split(',')[TEST_COLUMNS.indexOf('burntG')])).toEqual(['9', '']);
  });
});

describe('the demo’s season', () => {
  const { bench } = DEMO_RACK;
  it('has 24 burns of three kits: one far off, one question that tells, one that cannot', () => {
    expect(bench.tests).toHaveLength(24);
    const burners = testedBurners(bench.tests);
    expect(burners).toHaveLength(3);
    expect(valueOf(fitTests(burners[0].tests)).outliers).toEqual(['burn-1-2']);
    expect(bench.series.map((s) => answerOf(s, bench.tests).told)).toEqual([true, false]);
  });
});

describe('a burner that is taken on', () => {
  const [burner] = testedBurners(DEMO_RACK.bench.tests);
  const { calibration } = valueOf(fitTests(burner.tests.filter((t) => t.id !== 'burn-1-2')));
  const kitOf = (rack: typeof DEMO_RACK, id: string) => {
    const kit = rack.kits.find((k) => k.id === id);
    return kit && valueOf(tripKitOf(build(rack, kit)));
  };

  it('goes into every kit with that burner under that pot, and out again', () => {
    const taken = rackWithBurner(DEMO_RACK, burner.of, calibration);
    const mine = kitOf(taken, 'canister-folding');
    expect(mine && ownBurner(mine)?.burns).toBe(19);
    expect(kitOf(taken, 'alcohol-cone')?.calibration).toBeUndefined();
    expect(rackWithBurner(taken, burner.of)).toEqual(DEMO_RACK);
  });

  it('holds no more once another pot stands on it', () => {
    const kit = {
      ...KIT,
      calibration: {
        ...calibration,
        of: { ...calibration.of, burnerId: KIT.burnerId, potDiameterMm: KIT.pot.diameterMm, potBase: KIT.pot.base },
      },
    };
    expect(ownBurner(kit)).toBeDefined();
    expect(ownBurner({ ...kit, pot: { ...kit.pot, diameterMm: kit.pot.diameterMm + 10 } })).toBeUndefined();
  });

  it('says in grams what it does to a trip, and counts no meal that stays cold as saved', () => {
    const of: Calibration['of'] = { burnerId: KIT.burnerId, potDiameterMm: KIT.pot.diameterMm, potBase: KIT.pot.base };
    const sure: Calibration = {
      ...calibration,
      of,
      factors: { head: 1, flux: 1, wind: 1, power: 1 },
      covariance: calibration.covariance.map((r) => r.map(() => 0)),
    };
    const [plain] = planTrip(SHORT_TRIP).carries;
    const { carries, mealsLost } = ownBurnerEffect(SHORT_TRIP, sure, NO_MISHAPS);
    expect(carries[0].demandAfterG).toBe(plain.demandG);
    expect(carries[0].reserveAfterG).toBeLessThan(carries[0].reserveBeforeG - 1);
    expect(mealsLost).toBe(0);
    const weak = { ...sure, factors: { ...sure.factors, head: 0.12, wind: 8 } };
    expect(ownBurnerEffect(SHORT_TRIP, weak, NO_MISHAPS).mealsLost).toBeGreaterThan(0);
    expect(tripWithBurner(tripWithBurner(SHORT_TRIP, of, sure), of)).toEqual(SHORT_TRIP);
  });

  it('refuses to be made of burns that all failed', () => {
    const tests = burner.tests.map((t): BenchTest => ({ ...t, end: 'stalled' }));
    expect(problemOf(fitTests(tests))).toEqual({ code: 'noTests' });
  });
});

describe('which test is worth doing', () => {
  it('ranks by the reserve that could stay at home; none makes the trip less known, and a second of a kind tells less', () => {
    const plan = planTrip(SHORT_TRIP);
    const found = whichTest(SHORT_TRIP, plan, 'kit', NO_MISHAPS);
    const ideas = found?.ideas ?? [];
    expect(ideas.length).toBeGreaterThan(3);
    for (const i of ideas) {
      expect(i.sdAfterG).toBeLessThan(i.sdBeforeG);
      expect(i.fuelG).toBeGreaterThan(0);
    }
    const reserves = ideas.map((i) => i.reserveG);
    expect(reserves).toEqual([...reserves].sort((a, b) => b - a));
    const [best] = ideas;
    expect(conditionsOf(best.setup).kit.burnerId).toBe(KIT.burnerId);
  });
});
