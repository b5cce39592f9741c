import { TestBed } from '@angular/core/testing';
import { DEMO_TRIP } from '@tinder/core/demo';
import { planTrip } from '@tinder/core/planning/plan';
import { stretchLeg } from '@tinder/core/domain/trail';
import { demoWorkspace } from '../store/workspace';
import { WorkspaceStore } from '../store/workspace-store';
import { until, untilQuiet } from '../testing/until';
import { AdviceService } from './advice-service';
import { PlanService } from './plan-service';

describe('plan service', () => {
  const begin = async () => {
    const store = TestBed.inject(WorkspaceStore);
    const plans = TestBed.inject(PlanService);
    store.start(undefined);
    await untilQuiet();
    return { store, plans };
  };

  it('plans the newest trip, marks older answers stale, and follows undo', async () => {
    const { store, plans } = await begin();
    expect(plans.plan()).toEqual(planTrip(store.trip()));

    for (const n of [3, 4, 9]) store.editTrip('days', (t) => stretchLeg(t, 0, n), 'drag');
    expect(plans.stale()).toBe(true);
    await untilQuiet();
    expect(plans.carry()?.days).toHaveLength(9);
    expect(plans.stale()).toBe(false);

    store.undo();
    await untilQuiet();
    expect(plans.carry()?.days).toHaveLength(5);
  });

  it('waits until it is known what is saved', async () => {
    const plans = TestBed.inject(PlanService);
    await untilQuiet();
    expect(plans.carry()).toBeUndefined();
    TestBed.inject(WorkspaceStore).start(undefined);
    await until(() => plans.carry() !== undefined, 'the first plan');
  });

  it('can be stopped: the plan before stays, marked as such, and what is asked for again is planned', async () => {
    const { store, plans } = await begin();
    store.editTrip('days', (t) => stretchLeg(t, 0, 9));
    TestBed.tick(); // the plan is on its way
    plans.stop();
    await untilQuiet();
    expect([plans.stopped(), plans.stale()]).toEqual([true, true]);
    expect(plans.carry()?.days).toHaveLength(5);
    plans.resume();
    await until(() => !plans.stale(), 'the plan');
    expect(plans.stopped()).toBe(false);
    expect(plans.carry()?.days).toHaveLength(9);
  });

  it('says so when a trip cannot be planned and recovers with the next one', async () => {
    const { store, plans } = await begin();
    const odd = { ...DEMO_TRIP, kit: { ...DEMO_TRIP.kit, burnerId: 'not-in-the-catalogue' } }; // no edit can make it
    store.start({ ...demoWorkspace(), library: [{ trip: odd, archived: false }] });
    await untilQuiet();
    expect(plans.failed()).toContain('not-in-the-catalogue');
    store.start(demoWorkspace());
    await untilQuiet();
    expect(plans.failed()).toBeUndefined();
  });
});

describe('advice', () => {
  it('follows the carry that is looked at, and is never that of an older plan', async () => {
    const store = TestBed.inject(WorkspaceStore);
    const advice = TestBed.inject(AdviceService);
    store.start(undefined);
    await untilQuiet();
    expect(advice.answer()?.changes.length).toBeGreaterThan(0);
    store.editTrip('days', (t) => stretchLeg(t, 0, 9));
    TestBed.tick();
    expect(advice.answer()).toBeUndefined();
    await untilQuiet();
    expect(advice.answer()?.changes[0].trip.legs[0].days).toHaveLength(9);
  });
});
