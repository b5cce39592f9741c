import { fuelOfG, tareOfG } from '../src/domain/carry';
import { DEMO_TRIP } from '../src/demo';
import { withBurner } from '../src/domain/kit';
import type { Trip } from '../src/domain/model';
import { planTrip, replanCarry } from '../src/planning/plan';
import { adviceOn, whyLoadOut } from '../src/studies/study';
import { editStop } from '../src/domain/trail';

const measured = (change: Partial<Trip['loadOut']>): Trip => ({ ...DEMO_TRIP, loadOut: { ...DEMO_TRIP.loadOut, ...change } });
const massG = (list: Parameters<typeof fuelOfG>[0]): number => fuelOfG(list) + tareOfG(list);

describe('why a carry leaves with what it does', () => {
  it('is told where something else would be lighter on leaving, with what that costs later', () => {
    let told = 0;
    for (const trip of [DEMO_TRIP, measured({ measure: 'gramKm' }), measured({ measure: 'gramClimb' }), measured({ gramsPerPrice: 0 })]) {
      const plan = planTrip(trip);
      for (const carry of plan.carries) {
        const why = whyLoadOut(trip, plan, carry);
        if (!why) continue;
        told++;
        expect(massG(carry.containers) - massG(why.alone)).toBeCloseTo(why.lighterG, 6);
        expect(why.lighterG).toBeGreaterThanOrEqual(1);
        expect(why.laterG).toBeGreaterThan(0);
      }
    }
    expect(told).toBeGreaterThan(0);
  });

  it('is not told where the lightest on leaving is what counts, where the walker has decided, or where nothing comes in cans', () => {
    const start = measured({ measure: 'start', gramsPerPrice: 0 });
    const atStart = planTrip(start);
    // the last carry has nothing after it that it could be heavier for
    const last = atStart.carries[atStart.carries.length - 1];
    expect(whyLoadOut(start, atStart, last)).toBeUndefined();
    const { carries } = planTrip(DEMO_TRIP);
    const pinned = editStop(DEMO_TRIP, carries[0].fromStopId, { pinned: { kind: 'cans', counts: { 'can-450': 1 } } });
    const follows = planTrip(pinned);
    for (const c of follows.carries) expect(whyLoadOut(pinned, follows, c)).toBeUndefined();
    const spirit: Trip = { ...DEMO_TRIP, kit: withBurner(DEMO_TRIP.kit, 'alcohol-open') };
    const poured = planTrip(spirit);
    for (const c of poured.carries) expect(whyLoadOut(spirit, poured, c)).toBeUndefined();
  });

  it('stands beside what could be done otherwise, which is never more than what is carried', () => {
    const plan = planTrip(DEMO_TRIP);
    for (const carry of plan.carries) {
      const { changes, why } = adviceOn(DEMO_TRIP, plan, carry);
      expect(why).toEqual(whyLoadOut(DEMO_TRIP, plan, carry));
      expect(changes.length).toBeGreaterThan(0);
    }
    // a carry planned again as the trip stands is the carry
    const [first] = plan.carries;
    expect(massG(replanCarry(DEMO_TRIP, first).containers)).toBeLessThanOrEqual(massG(first.containers) + 1e-6);
  });
});
