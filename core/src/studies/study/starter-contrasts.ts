import { planTrip, planCache, type PlanCache } from '../../planning/plan';
import { demandOfG, unfinishedMeals, type Plan } from '../../planning/planned';
import { LIMITS, type Trip } from '../../domain/model';
import { startTrip, type StarterAnswers } from '../../domain/trail';

/** What a first plan would burn more if an answer were wrong, g over the whole trip; negative where it would burn less. */
export interface StarterContrast {
  code: 'moreWind' | 'colder' | 'snow' | 'longer';
  /** The answers as they would then be. */
  answers: StarterAnswers;
  fuelG: number;
  /** Meals that could then not be cooked as planned, more than now. */
  mealsFailing: number;
}

/** So much colder is a night that surprises, K (common practice). */
const COLDER_K = 10;
const WINDIER = { steady: 'leaning', leaning: 'blown', blown: 'out', out: undefined } as const;

/**
 * Each answer of a starter gone wrong by itself, the trip planned anew and set against `now`, the plan of the answers as they are; an answer that is at
 * its worst already, or not given, is left out.
 */
export function starterContrasts(base: Trip, answers: StarterAnswers, now: Plan, cache: PlanCache = planCache()): StarterContrast[] {
  const wind = WINDIER[answers.wind];
  const cases: [StarterContrast['code'], Partial<StarterAnswers> | undefined][] = [
    ['moreWind', wind && { wind }],
    ['colder', answers.fromClimate ? undefined : { supperAirC: colder(answers.supperAirC), breakfastAirC: colder(answers.breakfastAirC) }],
    ['snow', answers.source === 'stream' ? { source: 'snow' } : undefined],
    ['longer', { nights: answers.nights + 1 }],
  ];
  return cases.flatMap(([code, changed]) => {
    if (!changed) return [];
    const wrong = { ...answers, ...changed };
    const plan = planTrip(startTrip(base, wrong, String), { cache });
    return [{ code, answers: wrong, fuelG: demandOfG(plan) - demandOfG(now), mealsFailing: failing(plan) - failing(now) }];
  });
}

const colder = (airC: number): number => Math.max(LIMITS.airC.min, airC - COLDER_K);
const failing = (plan: Plan): number => plan.carries.reduce((sum, c) => sum + unfinishedMeals(c), 0);
