import type { Container } from '../../domain/carry';
import { MEALS, type MealName, type Trip } from '../../domain/model';
import { cookDays, dayConditions, kitInUse, plannedSpread, type KitInUse, type PlanCache } from '../../planning/plan';
import { isCooked, type CarryPlan, type PlanDay, type PlannedMeal } from '../../planning/planned';
import { spreadShare } from '../../planning/risk';
import { tripOnLeg } from '../../domain/trail';
import type { AheadBurn } from './forecast';
import { mealKey } from './log';

/** What lies before a walker until the next stop that fills up. */
export interface Stretch {
  carry: Pick<CarryPlan, 'fromStop' | 'toStop'>;
  /** Days of the trip that still count, inclusive. */
  fromDay: number;
  toDay: number;
  /** Meals that are written down already. */
  written: ReadonlySet<string>;
  /** What is carried, in the order of use. */
  containers: readonly Container[];
}

export interface MealAhead extends AheadBurn {
  meal: MealName;
  planned: PlannedMeal;
  /** Asked for hot, and no burn can do it. */
  fails: boolean;
}

/** The stretch of a whole carry, as it leaves its stop. */
export const wholeStretch = (carry: CarryPlan): Stretch => ({
  carry,
  fromDay: carry.days[0]!.day,
  toDay: carry.days[carry.days.length - 1]!.day,
  written: new Set(),
  containers: carry.containers,
});

/** Its days cooked from what is carried; meals that are written down are left out. */
export function daysAhead(trip: Trip, { carry, fromDay, toDay, written, containers }: Stretch, cache?: PlanCache): PlanDay[] {
  const here = tripOnLeg(trip, carry.fromStop);
  const days = dayConditions(here, cache)
    .filter((d) => d.day >= fromDay && d.day <= toDay)
    // what is eaten is not lit again: it would empty the can on paper
    .map((d) => ({
      ...d,
      eatsOut: {
        breakfast: d.eatsOut.breakfast || written.has(mealKey(d.day, 'breakfast')),
        supper: d.eatsOut.supper || written.has(mealKey(d.day, 'supper')),
      },
    }));
  return cookDays(here, kitInUse(here.kit, cache), days, containers).days.map((d) => ({
    ...d,
    meals: Object.fromEntries(Object.entries(d.meals).filter(([meal]) => !written.has(mealKey(d.day, meal as MealName)))),
  }));
}

/** Every burn of it in order; `days` where they are cooked already. The spread of each is read with the kit as it is; a failing meal counts as at the edge of what works. */
export function burnsAhead(
  trip: Trip,
  stretch: Stretch,
  { cache, days = daysAhead(trip, stretch, cache) }: { cache?: PlanCache; days?: readonly PlanDay[] } = {},
): MealAhead[] {
  const use = kitInUse(tripOnLeg(trip, stretch.carry.fromStop).kit, cache);
  return days.flatMap((d) =>
    MEALS.flatMap((meal) => {
      const planned = d.meals[meal];
      if (!planned) return [];
      return [{ day: d.day, meal, planned, modelG: planned.fuelG, share: shareOf(use, planned), fails: !isCooked(planned) }];
    }),
  );
}

/** How far one planned burn is off by itself: water, wind and quantity over an evening, as a share of it. */
export const shareOf = (use: KitInUse, meal: Pick<PlannedMeal, 'facts' | 'canFraction'>): number =>
  spreadShare(plannedSpread(use, meal).spread);
