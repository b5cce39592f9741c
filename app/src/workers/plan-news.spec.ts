import { DEMO_TRIP } from '@tinder/core/demo';
import type { Trip } from '@tinder/core/domain/model';
import { planTrip } from '@tinder/core/planning/plan';
import type { Plan } from '@tinder/core/planning/planned';
import { paintDays, stretchLeg } from '@tinder/core/domain/trail';
import { planOf, type NamedPlan } from './plan-news';
import { PLANNER } from './planner';

/** Asks as the page does, through a copy as a worker's answer is one. */
function ask(trip: Trip, had: NamedPlan | undefined): { named: NamedPlan; sent: number } {
  const news = structuredClone(PLANNER.plan(structuredClone(trip), had?.id));
  return { named: planOf(news, had?.plan), sent: JSON.stringify(news).length };
}

describe('what is new in a plan', () => {
  const whole = (plan: Plan): number => JSON.stringify(plan.carries).length;

  it('makes the same plan of it as planning does, edit by edit, and sends less than half of it', () => {
    let had = ask(DEMO_TRIP, undefined).named;
    expect(had.plan).toEqual(planTrip(DEMO_TRIP));
    let trip = DEMO_TRIP;
    for (const [day, supperAirC] of [
      [3, -4],
      [3, -5],
      [20, 11],
      [12, 2],
    ]) {
      trip = paintDays(trip, day, day, { supperAirC });
      const { named, sent } = ask(trip, had);
      expect(named.plan).toEqual(planTrip(trip));
      expect(sent).toBeLessThan(whole(named.plan) / 2);
      had = named;
    }
  });

  it('leaves the days that are as they were the very same, and every day of the plan in its carry', () => {
    const first = ask(DEMO_TRIP, undefined).named;
    const { plan } = ask(paintDays(DEMO_TRIP, 23, 23, { supperAirC: -9 }), first).named;
    expect(plan.days[0]).toBe(first.plan.days[0]);
    expect(plan.days[22]).not.toBe(first.plan.days[22]);
    expect(plan.carries.flatMap((c) => c.days)).toEqual(plan.days);
    plan.carries.flatMap((c) => c.days).forEach((day, i) => expect(day).toBe(plan.days[i]));
  });

  it('is all of it for who has no plan, or one that the planner does not know any more', () => {
    const longer = stretchLeg(DEMO_TRIP, 0, 8);
    const first = ask(DEMO_TRIP, undefined).named;
    ask(longer, undefined); // asked by somebody else meanwhile
    const late = ask(DEMO_TRIP, first);
    expect(late.named.plan).toEqual(planTrip(DEMO_TRIP));
    expect(late.sent).toBeGreaterThan(whole(late.named.plan) / 2);
    expect(ask(longer, { id: 'of another worker', plan: first.plan }).named.plan).toEqual(planTrip(longer));
  });

  it('that name a day nobody has are refused', () => {
    const { id, plan } = ask(DEMO_TRIP, undefined).named;
    const { days: _days, ...rest } = plan;
    expect(() => planOf({ ...rest, id, carries: plan.carries.map((c) => ({ ...c, days: [99] })) }, plan)).toThrow('day 99');
  });
});
