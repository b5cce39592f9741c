import { countedBurn, type Plan } from '../../planning/planned';

/** Seconds with the burner lit over some days; a meal that fails takes what it takes at the edge of what works. */
export function cookingTimeS(plan: Pick<Plan, 'days'>): number {
  return plan.days.reduce((sum, d) => sum + Object.values(d.meals).reduce((s, m) => s + countedBurn(m).durationS, 0), 0);
}

/** The same a day, in minutes. */
export const stoveMinutesADay = (plan: Pick<Plan, 'days'>): number => cookingTimeS(plan) / 60 / plan.days.length;
