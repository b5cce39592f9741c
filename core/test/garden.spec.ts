import {
  closeness,
  fitTests,
  frameAt,
  gardenBurn,
  hiddenTruth,
  INSTRUMENTS,
  PRIOR_SD,
  traceAt,
  traceOf,
  conditionsOf,
  burnIn,
} from '../src/studies/bench';
import { newSetup, newTest, type BenchTest, type TestSetup } from '../src/domain/model';
import { SHORT_TRIP } from './short-trip';
import { valueOf } from './value-of';

const KIT = { ...SHORT_TRIP.kit, flameSetting: 0.7 };
const setup = (more: Partial<TestSetup> = {}): TestSetup => ({ ...newSetup('kit', KIT), ...more });
const RUN = { seed: 11, run: 0, setup: setup() };

describe('the simulated garden', () => {
  it('is the same for one seed, and another for another', () => {
    expect(gardenBurn(RUN)).toEqual(gardenBurn(RUN));
    expect(hiddenTruth(11)).not.toEqual(hiddenTruth(12));
    for (let seed = 0; seed < 200; seed++)
      Object.values(hiddenTruth(seed)).forEach((f, i) => expect(Math.abs(Math.log(f))).toBeLessThanOrEqual(2 * PRIOR_SD[i] + 1e-9));
  });

  it('burns as the model does on the way to the same end', () => {
    const conditions = conditionsOf(RUN.setup);
    const truth = hiddenTruth(11);
    const { points } = traceOf(conditions, truth);
    const burn = burnIn(conditions, truth);
    const last = points[points.length - 1];
    expect([last.s, last.fuelG]).toEqual([burn.durationS, burn.fuelG]);
    for (const [i, p] of points.slice(1).entries()) {
      expect(p.s).toBeGreaterThan(points[i].s);
      expect(p.c).toBeGreaterThan(points[i].c);
    }
    expect(traceAt(points, last.s + 60).c).toBe(last.c);
    expect(traceAt(points, last.s + 60).fuelG).toBeGreaterThan(last.fuelG);
  });

  it('shows grams that settle in two seconds, and half degrees three seconds late', () => {
    const burn = gardenBurn(RUN);
    expect(frameAt(burn, 'before', 0.3).steady).toBe(false);
    const rested = frameAt(burn, 'before', 5);
    expect([rested.steady, rested.scaleG]).toEqual([true, Math.round(burn.grossG + (burn.driftGPerMin * 5) / 60)]);
    const { potC = 0 } = frameAt(burn, 'burn', 100);
    expect((potC / INSTRUMENTS.thermometerC) % 1).toBe(0);
    expect(Math.abs(potC - traceAt(burn.trace, 97).c)).toBeLessThanOrEqual(0.25);
  });

  it('weighs less afterwards by what was burnt, and the more the later the flame was shut', () => {
    const burn = gardenBurn(RUN);
    const after = (s: number): number => frameAt(burn, 'after', 5, s).scaleG ?? 0;
    const end = burn.trace[burn.trace.length - 1];
    expect(Math.abs(burn.grossG - after(end.s) - end.fuelG)).toBeLessThanOrEqual(1);
    expect(after(end.s + 300)).toBeLessThan(after(end.s));
  });

  it('lets a burn that stalls warm up as far as it comes, and never calls it a boil', () => {
    const storm = gardenBurn({ ...RUN, setup: setup({ kit: { ...KIT, windscreen: 'none' }, wind: { kind: 'flame', mps: 12 } }) });
    expect(storm.isDone).toBe(false);
    expect(frameAt(storm, 'burn', 3600).rolling).toBe(false);
  });

  it('is found out by enough burns: most factors within two of their own deviations', () => {
    const plans: [number, number, number][] = [
      [0.4, 500, 0.5],
      [0.7, 500, 0.5],
      [1, 500, 0.5],
      [0.7, 700, 0.5],
      [0.7, 500, 3],
      [0.6, 500, 3],
    ];
    let within = 0;
    const seeds = [3, 5, 8, 13, 21];
    for (const seed of seeds) {
      const tests = plans.map(([flameSetting, waterMl, mps], run): BenchTest => {
        const s = setup({ waterMl, wind: { kind: 'flame', mps }, kit: { ...KIT, flameSetting }, endPoint: 'thermometer' });
        const burn = gardenBurn({ seed, run, setup: s });
        const end = burn.trace[burn.trace.length - 1];
        const [beforeG, afterG] = [frameAt(burn, 'before', 5).scaleG ?? 0, frameAt(burn, 'after', 5, end.s).scaleG ?? 0];
        return newTest(
          `t${run}`,
          `2027-05-0${1 + run}`,
          s,
          { fuel: { how: 'weighed', beforeG, afterG }, seconds: end.s, end: 'reached' },
          { garden: seed },
        );
      });
      const { calibration } = valueOf(fitTests(tests));
      expect(calibration.simulated).toBe(true);
      within += closeness(calibration, seed).filter((c) => Math.abs(c.sdsOff) <= 2).length;
    }
    expect(within / (4 * seeds.length)).toBeGreaterThanOrEqual(0.85);
  });
});
