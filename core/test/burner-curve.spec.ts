import { fitTests, testedBurners, type Fit } from '../src/studies/bench';
import { BURNERS, FAMILY_WINDSCREENS, hasValve, isGas } from '../src/domain/catalogue';
import { DEMO_RACK, DEMO_TRIP } from '../src/demo';
import { withBurner } from '../src/domain/kit';
import { newSetup, type TestSetup } from '../src/domain/model';
import { burnerCurve, feedCurve, type BurnerPoint } from '../src/studies/study';
import { valueOf } from './value-of';

const setupOn = (burnerId: string, change: Partial<TestSetup> = {}): TestSetup => ({
  ...newSetup('bench', { ...withBurner(DEMO_TRIP.kit, burnerId), pot: DEMO_TRIP.kit.pot }),
  ...change,
});
const reached = (list: readonly BurnerPoint[]): BurnerPoint[] => list.filter((p) => p.fuelG !== undefined);

describe('the curve of a burner', () => {
  it.each(BURNERS.filter((b) => b.family !== 'none').map((b) => [b.name, b] as const))(
    '%s: over its flame where it has a valve, over the wind where it has none; each point is burnt or says why not',
    (_name, burner) => {
      const curve = burnerCurve(setupOn(burner.id), undefined);
      expect(curve.axis).toBe(hasValve(burner) ? 'setting' : 'windMps');
      expect(curve.before).toHaveLength(13);
      curve.before.forEach((p, i) => {
        if (i) expect(p.at).toBeGreaterThan(curve.before[i - 1].at);
        expect((p.fuelG === undefined) === (p.why !== undefined)).toBe(true);
        expect((p.fuelG === undefined) === (p.seconds === undefined)).toBe(true);
        if (p.fuelG !== undefined) expect(Math.min(p.fuelG, p.seconds ?? 0, p.fuelSd ?? 0, p.secondsSd ?? 0)).toBeGreaterThan(0);
      });
      expect(curve.after).toBeUndefined();
      for (const p of reached(curve.before)) expect(curve.best?.fuelG).toBeLessThanOrEqual(p.fuelG ?? 0);
    },
  );

  it('is quicker and thirstier at full flame than at half of it', () => {
    const points = reached(burnerCurve(setupOn('gas-micro'), undefined).before);
    const [half, full] = [points.find((p) => p.at >= 0.5), points[points.length - 1]];
    expect(full.at).toBe(1);
    expect(full.seconds).toBeLessThan(half?.seconds ?? 0);
    expect(full.fuelG).toBeGreaterThan(half?.fuelG ?? Number.POSITIVE_INFINITY);
  });

  it('burns no less in more wind, and blows out in the end where nothing shelters the flame', () => {
    const bare = setupOn('alcohol-open');
    const { before } = burnerCurve({ ...bare, kit: { ...bare.kit, windscreen: 'none' } }, undefined);
    const burnt = reached(before);
    burnt.forEach((p, i) => expect(p.fuelG).toBeGreaterThanOrEqual(i ? (burnt[i - 1].fuelG ?? 0) : 0));
    expect(before[before.length - 1].why).toBe('mayBlowOut');
    expect(before.findIndex((p) => p.why)).toBe(burnt.length); // what blows out once does so in every stronger wind
  });

  it('is known better after burn tests, where they were made, and has its best point from them', () => {
    const [tested] = testedBurners(DEMO_RACK.bench.tests);
    const fit: Fit = valueOf(fitTests(tested.tests));
    const setup = tested.tests[0].setup;
    const { before, after = [], best } = burnerCurve(setup, fit.calibration);
    expect(after).toHaveLength(before.length);
    for (const [i, p] of after.entries())
      if (p.fuelG !== undefined && before[i].fuelG !== undefined)
        expect((p.fuelSd ?? 1) / p.fuelG).toBeLessThan((before[i].fuelSd ?? 0) / (before[i].fuelG ?? 1));
    expect(after).toContain(best);
  });
});

describe('a can that empties', () => {
  const curveAt = (airC: number) => {
    const setup = setupOn('gas-micro', { airC });
    return feedCurve({ ...setup, can: { ...setup.can, canC: airC } }) ?? [];
  };

  it('is of no concern to burners without one', () => {
    for (const b of BURNERS.filter((x) => !isGas(x) && x.family !== 'none')) expect(feedCurve(setupOn(b.id))).toBeUndefined();
  });

  it.each([15, 2, -5])(
    'at %d °C never feeds a regulator worse than a plain valve of the same power, and neither better as it empties',
    (airC) => {
      const curve = curveAt(airC);
      expect(curve.map((p) => p.left)).toEqual([1, 0.8, 0.6, 0.4, 0.3, 0.2, 0.1, 0.05]);
      for (const kind of ['plainS', 'regulatedS'] as const) {
        const times = curve.flatMap((p) => p[kind] ?? []);
        times.forEach((s, i) => expect(s).toBeGreaterThanOrEqual((times[i - 1] ?? 0) * 0.999));
      }
      for (const p of curve) expect(p.regulatedS).toBeLessThanOrEqual(p.plainS ?? 0);
    },
  );

  it('slows a plain valve by half on a mild evening, a regulator by little', () => {
    const [full, nearlyEmpty] = [curveAt(15)[0], curveAt(15)[7]];
    expect((nearlyEmpty.plainS ?? 0) / (full.plainS ?? 1)).toBeGreaterThan(1.4);
    expect((nearlyEmpty.regulatedS ?? 0) / (full.regulatedS ?? 1)).toBeLessThan(1.2);
  });

  it('fits every family with a screen that the family can have', () => {
    for (const b of BURNERS) expect(FAMILY_WINDSCREENS[b.family]).toContain(setupOn(b.id).kit.windscreen);
  });
});
