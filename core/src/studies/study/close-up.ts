import { planDayOf, type BurnFacts, type Plan } from '../../planning/planned';

/** The hot meal of a day that is looked at closely. */
export interface CloseUpMeal {
  leg: number;
  day: number;
  facts: BurnFacts;
  /** The same meal with nothing between wind and flame. */
  unscreened: BurnFacts;
}

/** Supper unless only breakfast is hot; undefined on a day without either. */
export function closeUpMeal(plan: Pick<Plan, 'days'>, day: number): CloseUpMeal | undefined {
  const { meals, windMps, leg, day: number } = planDayOf(plan, day);
  const facts = (meals.supper ?? meals.breakfast)?.facts;
  return facts && { leg, day: number, facts, unscreened: { ...facts, flameWindMps: windMps, potWindMps: windMps } };
}
