import { DEMO_TRIP } from '@tinder/core/demo';
import { planTrip } from '@tinder/core/planning/plan';
import { coldView, flameCurve, type FlameCurve } from '@tinder/core/studies/study';
import { coldGeometry, crossingC } from './cold-geometry';
import { flameGeometry } from './flame-geometry';

const plan = planTrip(DEMO_TRIP);
const facts = plan.days[0].meals.supper?.facts;
if (!facts) throw new Error('the demo has a supper');
const curve = flameCurve(DEMO_TRIP, facts) as FlameCurve;

describe('flame chart', () => {
  const g = flameGeometry(curve, undefined, 1000, 100);

  it('puts a pixel back where its setting came from, and keeps to what the valve holds', () => {
    for (const p of curve.points) expect(g.settingAt(g.x(p.setting))).toBeCloseTo(p.setting, 9);
    expect(g.settingAt(-300)).toBe(curve.points[0].setting);
    expect(g.settingAt(5000)).toBe(1);
  });

  it('draws the best flame lowest, inside the chart', () => {
    const y = g.fuelY(curve.best?.fuelG ?? 0);
    for (const p of curve.points) if (p.outcome.kind === 'done') expect(g.fuelY(p.fuelG)).toBeLessThanOrEqual(y + 1e-9);
    expect(y).toBeLessThan(100);
    expect(g.failing).toEqual([]);
  });

  it('joins settings that fail for the same reason into one stretch', () => {
    const windy = flameCurve(DEMO_TRIP, { ...facts, flameWindMps: 4, potWindMps: 4 }) as FlameCurve;
    const failing = flameGeometry(windy, curve, 1000, 100).failing;
    expect(failing.length).toBeGreaterThan(0);
    expect(failing.length).toBeLessThan(4);
    expect(failing[0].from).toBe(windy.points[0].setting);
  });

  it('has something to draw even when nothing finishes', () => {
    const storm = flameCurve(DEMO_TRIP, { ...facts, flameWindMps: 30, potWindMps: 30 }) as FlameCurve;
    const shape = flameGeometry(storm, undefined, 1000, 100);
    expect(shape.fuelPath).toBe('');
    expect(shape.failing[0].why).toBe('mayBlowOut');
    expect(shape.fuelTicks.every(Number.isFinite)).toBe(true);
  });
});

describe('cold map', () => {
  it('finds the temperature between two cells where the flame passes a class', () => {
    expect(crossingC([0, 10, 20], [0.1, 0.2, 0.6], 0.4)).toBeCloseTo(15, 9);
    expect(crossingC([0, 10, 20], [0.5, 0.6, 0.9], 0.4)).toBe(0);
    expect(crossingC([0, 10, 20], [0, 0, 0.1], 0.4)).toBe(20);
  });

  it('lays the classes in order from warm to cold, and more fuel above less', () => {
    const view = coldView(DEMO_TRIP, plan, 2100);
    if (!view) throw new Error('the demo has a canister');
    const g = coldGeometry(view, 900, 200);
    expect(g.bands.map((b) => b.name)).toEqual(['strong', 'reduced', 'weak', 'wontRun']);
    expect(g.y(1)).toBeLessThan(g.y(0));
    expect(g.ticksC).toContain(0);
  });
});
