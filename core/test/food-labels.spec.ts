import { DEMO_TRIP } from '../src/demo';
import { mealsEaten } from '../src/domain/menu';
import { MEALS, type MealName } from '../src/domain/model';
import { dayConditions, planTrip } from '../src/planning/plan';
import { foodLabels } from '../src/output/pack';
import { paintDays } from '../src/domain/trail';

const PLAN = planTrip(DEMO_TRIP);
const LABELS = foodLabels(DEMO_TRIP, PLAN);

describe('labels for bags of food', () => {
  it('are as many as there are portions with something dry in them, each portion on one label', () => {
    const portions = dayConditions(DEMO_TRIP).flatMap((d) => mealsEaten(DEMO_TRIP, d).filter(([, meal]) => meal.dryG > 0));
    expect(LABELS.reduce((n, l) => n + l.count, 0)).toBe(portions.length);
    for (const l of LABELS) expect(l.days).toHaveLength(l.count);
  });

  it('stand together by stop, dish and part of the day, in the order in which they are eaten first', () => {
    expect(new Set(LABELS.map((l) => l.id)).size).toBe(LABELS.length);
    LABELS.forEach((l, i) => {
      expect(l.days).toEqual([...l.days].sort((a, b) => a - b));
      if (i) expect(l.days[0]).toBeGreaterThanOrEqual(LABELS[i - 1].days[0]);
      expect(MEALS).toContain(l.part);
      expect(l.meal.dryG).toBeGreaterThan(0);
    });
  });

  it('name the stop that the food is carried from', () => {
    for (const l of LABELS) {
      const carry = PLAN.carries.find((c) => c.days.some((d) => d.day === l.days[0]));
      expect(l.from).toBe(carry?.from);
      const [first, last] = [carry?.days[0].day ?? 0, carry?.days.at(-1)?.day ?? 0];
      expect(l.days.every((d) => d >= first && d <= last)).toBe(true);
    }
  });

  it('are not made for what is bought ready', () => {
    const out = paintDays(DEMO_TRIP, 2, 2, { eatsOut: { breakfast: true, supper: true } });
    const labels = foodLabels(out, planTrip(out));
    const of = (list: typeof labels, part: MealName): number => list.filter((l) => l.part === part).reduce((n, l) => n + l.count, 0);
    for (const part of ['breakfast', 'supper'] as const) {
      expect(labels.some((l) => l.part === part && l.days.includes(2))).toBe(false);
      expect(of(labels, part)).toBe(of(LABELS, part) - 1);
    }
  });
});
