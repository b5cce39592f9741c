import { DEMO_TRIP, formatQuantity, METRIC, planTrip, type Quantity } from '@tinder/core';
import { withBurner } from '../carry/kit-edits';
import { derive, ledgerParts } from './derivation';
import type { FigureRef } from './figure-ref';

const format = (v: number, q: Quantity, d?: number) => formatQuantity(v, q, METRIC[q], d);
const plan = planTrip(DEMO_TRIP);

describe('derivations', () => {
  it.each([
    [{ kind: 'meal', day: 3, meal: 'supper' }],
    [{ kind: 'demand', fromStop: 0 }],
    [{ kind: 'loadout', fromStop: 2 }],
    [{ kind: 'start', fromStop: 4 }],
  ] as [FigureRef][])('%j: its parts sum to the figure', (ref) => {
    const d = derive(ref, DEMO_TRIP, plan, format, () => undefined);
    expect(d).toBeDefined();
    const sum = d?.parts.reduce((s, p) => s + p.massG, 0) ?? 0;
    expect(Math.abs(sum - (d?.totalG ?? 0))).toBeLessThan(0.05);
  });

  it('shows the water of the first supper as a hand computes it', () => {
    // 0.6 kg · 4.187 kJ/kgK · (93.5 − 7) K ÷ 45.75 kJ/g = 4.75 g
    const meal = plan.days[0].meals.supper;
    const water = meal && ledgerParts([meal.burn.ledger]).find((p) => p.label === 'into the water');
    expect(water?.massG).toBeCloseTo(4.75, 1);
  });

  it('gives what burns on after an alcohol meal a line of its own, and says what is poured', () => {
    const trip = { ...DEMO_TRIP, kit: withBurner(DEMO_TRIP.kit, 'alcohol-open') };
    const d = derive({ kind: 'meal', day: 1, meal: 'supper' }, trip, planTrip(trip), format, () => undefined);
    expect(d?.parts.map((p) => p.label)).toContain('burnt on after the pot was done');
    expect(d?.how.join(' ')).toMatch(/Poured: \d+ mL/);
  });

  it('has nothing to show for a day that is gone', () => {
    expect(derive({ kind: 'meal', day: 99, meal: 'supper' }, DEMO_TRIP, plan, format, () => undefined)).toBeUndefined();
    expect(derive({ kind: 'demand', fromStop: 3 }, DEMO_TRIP, plan, format, () => undefined)).toBeUndefined(); // Marl Cross is carried past
  });
});
