import { TestBed } from '@angular/core/testing';
import { planTrip, stretchLeg } from '@tinder/core';
import { PlanService } from './plan-service';
import { WorkspaceStore } from './workspace-store';

describe('plan service', () => {
  const settle = async () => {
    TestBed.tick();
    await new Promise((r) => setTimeout(r, 20));
  };

  it('plans the newest trip, marks older answers stale, and follows undo', async () => {
    const store = TestBed.inject(WorkspaceStore);
    const plans = TestBed.inject(PlanService);
    store.start(undefined);
    plans.start();
    await settle();
    expect(plans.plan()).toEqual(planTrip(store.trip()));

    for (const n of [3, 4, 9]) store.editTrip('days', (t) => stretchLeg(t, 0, n), 'drag');
    expect(plans.stale()).toBe(true);
    await settle();
    expect(plans.carry()?.days).toHaveLength(9);
    expect(plans.stale()).toBe(false);
    await settle();
    expect(plans.changes()?.length).toBeGreaterThan(0);

    store.undo();
    await settle();
    expect(plans.carry()?.days).toHaveLength(5);
  });

  it('can be stopped: the plan before stays, marked as such, and what is asked for again is planned', async () => {
    const store = TestBed.inject(WorkspaceStore);
    const plans = TestBed.inject(PlanService);
    store.start(undefined);
    plans.start();
    await settle();
    store.editTrip('days', (t) => stretchLeg(t, 0, 9));
    TestBed.tick(); // the plan is on its way
    plans.stop();
    await settle();
    expect([plans.stopped(), plans.stale()]).toEqual([true, true]);
    expect(plans.carry()?.days).toHaveLength(5);
    plans.start();
    await settle();
    expect([plans.stopped(), plans.stale()]).toEqual([false, false]);
    expect(plans.carry()?.days).toHaveLength(9);
  });

  it('says so when a trip cannot be planned and recovers with the next one', async () => {
    const store = TestBed.inject(WorkspaceStore);
    const plans = TestBed.inject(PlanService);
    store.start(undefined);
    plans.start();
    store.editKit('burner', 0, { burnerId: 'not-in-the-catalogue' });
    await settle();
    expect(plans.failed()).toContain('not-in-the-catalogue');
    store.undo();
    await settle();
    expect(plans.failed()).toBeUndefined();
  });
});
