import fc from 'fast-check';
import { crossingsOf, lightestByLength, TIE_G, weightsByLength, type LengthKit } from '../src/planning/load-out';
import { DEMO_RACK, DEMO_TRIP } from '../src/demo';
import { planTrip, weightSums } from '../src/planning/plan';
import { AS_CARRIED, kitLines, meanDayG } from '../src/studies/study';
import { DENATURED, MIXED_GAS } from './check-cases';

const named = (id: string, kit: LengthKit) => ({ id, ...weightsByLength(kit) });

describe('crossings of an alcohol and a canister kit', () => {
  // docs/physics.md, Common practice: kits 65 g and 85 g without pot, 22 g and 8.7 g a meal, two hot meals a day, no reserve
  const alcohol = named('alcohol', { hardwareG: 65, dailyG: 44, fuel: DENATURED, measureMl: 5, reservePercent: 0 });
  const gas = named('gas', { hardwareG: 85, dailyG: 17.4, fuel: MIXED_GAS, measureMl: 5, reservePercent: 0 });
  const days = (by: 'startG' | 'averageG') => crossingsOf(alcohol, gas, by).map((c) => c.days);

  it('by starting weight come first at 4 to 6 days, and several times up to about 9 (common practice)', () => {
    const [first, ...more] = days('startG');
    expect(first).toBeGreaterThanOrEqual(4);
    expect(first).toBeLessThanOrEqual(6);
    expect(more.filter((d) => d <= 10).length).toBeGreaterThanOrEqual(1);
  });

  it('by average weight come first near 11 days, alcohol winning again at 14 to 16 when a bigger can is started (common practice)', () => {
    const [first, second] = crossingsOf(alcohol, gas, 'averageG');
    expect(Math.abs(first.days - 11)).toBeLessThanOrEqual(2);
    expect(first.lighter).toBe('gas');
    expect(second).toMatchObject({ lighter: 'alcohol', why: 'container', whose: 'gas' });
    expect(second.days).toBeGreaterThanOrEqual(13);
    expect(second.days).toBeLessThanOrEqual(17);
  });

  it('are where the sign of the difference turns, whichever is asked first', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 150, noNaN: true }), fc.double({ min: 2, max: 40, noNaN: true }), (hardwareG, dailyG) => {
        const other = named('other', { hardwareG, dailyG, fuel: MIXED_GAS, measureMl: 5, reservePercent: 10 });
        for (const by of ['startG', 'averageG'] as const) {
          const there = crossingsOf(alcohol, other, by);
          expect(crossingsOf(other, alcohol, by)).toEqual(there);
          for (const c of there) {
            const i = c.days - 1;
            const sign = (id: string) => (id === 'other' ? other : alcohol)[by][i];
            expect(sign(c.lighter)).toBeLessThan(sign(c.heavier));
          }
        }
      }),
      { numRuns: 40 },
    );
  });

  it('agree with the runs of the lightest', () => {
    const runs = lightestByLength([alcohol, gas], 'startG');
    expect(runs[0]).toMatchObject({ id: 'alcohol', from: 1 });
    // the lightest changes where the two cross, or stays for as long as the other is no more than a tie lighter
    for (const { id, ties, from, to } of runs)
      for (let n = from; n <= to; n++) {
        const [own, other] = (id === 'alcohol' ? [alcohol, gas] : [gas, alcohol]).map((k) => k.startG[n - 1]);
        expect(own).toBeLessThanOrEqual(other + TIE_G);
        expect(ties.length > 0).toBe(Math.abs(own - other) <= TIE_G);
      }
    expect(runs.map((r) => r.from).slice(1)).toEqual(runs.map((r) => r.to + 1).slice(0, -1));
    expect(runs.at(-1)?.to).toBe(21);
  });
});

describe('the kits of the demo on its trip', () => {
  const lines = kitLines(DEMO_RACK, DEMO_TRIP, planTrip(DEMO_TRIP));
  const plan = planTrip(DEMO_TRIP);

  it('stand beside the carried one, each with every morning of the trip', () => {
    expect(lines[0].id).toBe(DEMO_TRIP.rackKitId);
    expect(lines).toHaveLength(DEMO_RACK.kits.length);
    for (const l of lines) expect(l.carries.reduce((n, c) => n + c.loadsG.length - 1, 0)).toBe(plan.days.length);
  });

  it('sum their mornings every way: one gram more of hardware is a gram a day and a gram a kilometre', () => {
    const heavier = planTrip({ ...DEMO_TRIP, kit: { ...DEMO_TRIP.kit, otherMassG: DEMO_TRIP.kit.otherMassG + 1 } });
    const [a, b] = [weightSums(plan), weightSums(heavier)];
    const km = plan.days.reduce((s, d) => s + d.km, 0);
    expect(b.averageG - a.averageG).toBeCloseTo(1, 6);
    expect(b.gramDays - a.gramDays).toBeCloseTo(plan.days.length, 6);
    expect(b.gramKm - a.gramKm).toBeCloseTo(km, 6);
    expect(b.gramClimb - b.gramKm).toBeGreaterThan(0);
    expect(b.leavingG - a.leavingG).toBeCloseTo(1, 6);
  });

  it('count a day between stops as one on which nothing is bought ready', () => {
    const plain = plan.days.filter((d) => !d.eatsOut.breakfast && !d.eatsOut.supper);
    const meanG = plain.reduce((s, d) => s + d.fuelG, 0) / plain.length;
    expect(meanDayG(plan.days)).toBeCloseTo(meanG, 9);
    expect(lines[0].dailyG).toBeCloseTo(meanG, 9);
  });

  it('show a kit changed by hand beside the one of the rack', () => {
    const changed = { ...DEMO_TRIP, kit: { ...DEMO_TRIP.kit, otherMassG: 10 } };
    const [own, ...others] = kitLines(DEMO_RACK, changed, planTrip(changed));
    expect(own.id).toBe(AS_CARRIED);
    expect(others.map((l) => l.id)).toContain(DEMO_TRIP.rackKitId);
  });
});
