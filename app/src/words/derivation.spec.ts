import { DEMO_RACK, DEMO_TRIP } from '@tinder/core/demo';
import type { Calibration, Day, Trip } from '@tinder/core/domain/model';
import { planTrip } from '@tinder/core/planning/plan';
import { paintDays } from '@tinder/core/domain/trail';
import { METRIC } from '@tinder/core/foundation/units';
import { unitsOf } from '../testing/units-of';
import { withBurner } from '@tinder/core/domain/kit';
import { dateText } from './date-text';
import { derive, ledgerParts } from './derivation';
import type { FigureRef } from './figure-ref';

const units = unitsOf(METRIC);
const plan = planTrip(DEMO_TRIP);

describe('derivations', () => {
  it.each([
    [{ kind: 'meal', day: 3, meal: 'supper' }],
    [{ kind: 'demand', stopId: DEMO_TRIP.stops[0].id }],
    [{ kind: 'loadout', stopId: DEMO_TRIP.stops[2].id }],
    [{ kind: 'start', stopId: DEMO_TRIP.stops[4].id }],
  ] as [FigureRef][])('%j: its parts sum to the figure', (ref) => {
    const d = derive(ref, DEMO_TRIP, plan, units, () => undefined, DEMO_RACK);
    expect(d).toBeDefined();
    const sum = d?.parts.reduce((s, p) => s + p.massG, 0) ?? 0;
    expect(Math.abs(sum - (d?.totalG ?? 0))).toBeLessThan(0.05);
  });

  it('shows the water of the first dinner as a hand computes it', () => {
    // 0.6 kg · 4.187 kJ/kgK · (93.5 − 7) K ÷ 45.75 kJ/g = 4.75 g
    const meal = plan.days[0].meals.supper;
    const water = meal && ledgerParts([meal.burn.ledger]).find((p) => p.label === 'into the water');
    expect(water?.massG).toBeCloseTo(4.75, 1);
  });

  it('gives what burns on after an alcohol meal a line of its own, and says what is poured', () => {
    const trip = { ...DEMO_TRIP, kit: withBurner(DEMO_TRIP.kit, 'alcohol-open') };
    const d = derive({ kind: 'meal', day: 1, meal: 'supper' }, trip, planTrip(trip), units, () => undefined, DEMO_RACK);
    expect(d?.parts.map((p) => p.label)).toContain('burnt on after the pot was done');
    expect(d?.how.join(' ')).toMatch(/Poured: \d+ mL/);
  });

  it('says of every input where it comes from: typed, simulated, catalogue, or the walker’s own', () => {
    const from = (trip: Trip, ref: FigureRef) =>
      Object.fromEntries(derive(ref, trip, planTrip(trip), units, () => undefined, DEMO_RACK)?.inputs.map((i) => [i.name, i.from]) ?? []);
    const supper: FigureRef = { kind: 'meal', day: 1, meal: 'supper' };
    expect(from(paintDays(DEMO_TRIP, 1, 1, { supperAirC: 3 }), supper)).toMatchObject({
      air: 'typed',
      stove: 'catalogue',
      pot: 'catalogue',
    });
    const lighterLid = { ...DEMO_TRIP.kit.pot, lidMassG: DEMO_TRIP.kit.pot.lidMassG - 4 };
    const start: FigureRef = { kind: 'start', stopId: DEMO_TRIP.stops[0].id };
    expect(from({ ...DEMO_TRIP, kit: { ...DEMO_TRIP.kit, pot: lighterLid } }, start)).toMatchObject({ 'weight of pot and lid': 'typed' });
    const asked = (d: Day): Day => ({ ...d, simulated: ['supperAirC', 'wind'] });
    const simulated = { ...DEMO_TRIP, legs: DEMO_TRIP.legs.map((leg) => ({ ...leg, days: leg.days.map(asked) })) };
    expect(from(simulated, supper)).toMatchObject({
      air: 'simulated climate',
      wind: 'simulated climate, less what the windscreen keeps off',
    });
    const { burnerId, pot } = DEMO_TRIP.kit;
    const calibration: Calibration = {
      of: { burnerId, potDiameterMm: pot.diameterMm, potBase: pot.base },
      factors: { head: 1.1, flux: 1, wind: 1, power: 1 },
      covariance: [0, 0, 0, 0].map(() => [0, 0, 0, 0]),
      burns: 6,
      simulated: false,
    };
    // another kit was burnt later: its day is not this burner's
    const days = (id: string) => DEMO_RACK.bench.tests.filter((t) => t.setup.kit.burnerId === id).map((t) => t.on);
    const last = days(burnerId).sort().at(-1) ?? '';
    expect(DEMO_RACK.bench.tests.some((t) => t.on > last)).toBe(true);
    expect(from({ ...DEMO_TRIP, kit: { ...DEMO_TRIP.kit, calibration } }, supper)).toMatchObject({
      stove: `yours, from 6 burns, the last on ${dateText(last)}`,
    });
    expect(from(DEMO_TRIP, { kind: 'loadout', stopId: DEMO_TRIP.stops[0].id })).toMatchObject({ '100 g canister, new': 'the label' });
  });

  it('has nothing to show for a day that is gone', () => {
    expect(derive({ kind: 'meal', day: 99, meal: 'supper' }, DEMO_TRIP, plan, units, () => undefined, DEMO_RACK)).toBeUndefined();
    expect(derive({ kind: 'demand', stopId: DEMO_TRIP.stops[3].id }, DEMO_TRIP, plan, units, () => undefined, DEMO_RACK)).toBeUndefined(); // Marl Cross is carried past
  });

  it('takes a chance of running out apart: what is burnt, what is kept for the limit, what lies beyond, and every day', () => {
    const [carry] = plan.carries;
    const quantilesG = { 5: 112, 25: 117, 50: 120, 75: 123, 95: 128, 98: 131 };
    const risk = {
      runOut: 0.0123,
      standardError: 0.0011,
      meanG: 119,
      sdG: 5,
      outByDay: [0, 0, 0, 0, 0.0123],
      quantilesG,
      fuelForLimitG: 131,
      unknownBurnerG: 9,
      factorSd: 0.12,
    };
    const d = derive({ kind: 'risk', stopId: carry.fromStopId }, DEMO_TRIP, plan, units, () => risk, DEMO_RACK);
    expect(d?.totalG).toBe(carry.fuelG);
    expect(d?.parts.reduce((sum, p) => sum + p.massG, 0)).toBeCloseTo(carry.fuelG, 6);
    expect(d?.parts.map((p) => p.massG)).toEqual([119, carry.fuelG - 131, 12]);
    // one way of saying a chance, here as everywhere: 0.0123 is 1 in 81
    expect(d?.how.join(' ')).toMatch(
      /more than the 200 g .*: 1 in 81, from 10,000 drawn trips\. .*day 4: rarer than 1 in 1,000; day 5: 1 in 81\./,
    );
    expect(d?.parts.map((p) => p.label)).toContain('Kept for your limit of 1 in 50');
    expect(d?.inputs.find((i) => i.name.startsWith('left on arrival'))?.value).toBe('72 g to 88 g');
    expect(derive({ kind: 'risk', stopId: carry.fromStopId }, DEMO_TRIP, plan, units, () => undefined, DEMO_RACK)).toBeUndefined();
  });
});
