import { DEMO_TRIP } from '../src/demo';
import { dayConditions, planTrip } from '../src/planning/plan';
import { closeUpMeal } from '../src/studies/study';
import { paintDays } from '../src/domain/trail';

const PLAN = planTrip(DEMO_TRIP);

describe('the meal of a day that is looked at closely', () => {
  it('is supper, with the wind that the windscreen keeps off put back', () => {
    const conditions = dayConditions(DEMO_TRIP);
    for (const { day, meals } of PLAN.days) {
      const seen = closeUpMeal(PLAN, day);
      if (!(meals.supper ?? meals.breakfast)) {
        expect(seen).toBeUndefined(); // in town
        continue;
      }
      expect(seen?.day).toBe(day);
      expect(seen?.leg).toBe(conditions[day - 1].leg);
      expect(seen?.facts).toBe((meals.supper ?? meals.breakfast)?.facts);
      expect(seen?.unscreened.flameWindMps).toBe(conditions[day - 1].windMps);
      expect(seen?.unscreened.potWindMps).toBe(conditions[day - 1].windMps);
      expect(seen?.facts.flameWindMps).toBeLessThanOrEqual(seen?.unscreened.flameWindMps ?? 0);
      // nothing else of it is another
      expect({ ...seen?.unscreened, flameWindMps: 0, potWindMps: 0 }).toEqual({ ...seen?.facts, flameWindMps: 0, potWindMps: 0 });
    }
  });

  it('is breakfast where supper is bought, and none where both are', () => {
    const hot = { ...DEMO_TRIP.menu.breakfast, hot: true, method: 'boilPour' as const, waterMl: 400 };
    const porridge = { ...DEMO_TRIP, menu: { ...DEMO_TRIP.menu, breakfast: hot } };
    const supperOut = paintDays(porridge, 4, 4, { eatsOut: { breakfast: false, supper: true } });
    const plan = planTrip(supperOut);
    const day = plan.days[3];
    expect(day.meals.supper).toBeUndefined();
    expect(closeUpMeal(plan, 4)?.facts).toBe(day.meals.breakfast?.facts);
    const allOut = planTrip(paintDays(porridge, 4, 4, { eatsOut: { breakfast: true, supper: true } }));
    expect(allOut.days[3].meals.supper ?? allOut.days[3].meals.breakfast).toBeUndefined();
    expect(closeUpMeal(allOut, 4)).toBeUndefined();
  });
});
