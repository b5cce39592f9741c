import { planTrip } from '@tinder/core/planning/plan';
import type { Plan } from '@tinder/core/planning/planned';
import { NO_MISHAPS } from '@tinder/core/planning/risk';
import { starterContrasts, type RiskOfCarry, type StarterContrast } from '@tinder/core/studies/study';
import { startTrip, type StarterAnswers } from '@tinder/core/domain/trail';
import type { Trip } from '@tinder/core/domain/model';
import type { StudySetting, Subject } from '../subject';
import { risk } from './risk';

/** A trip that is still being answered for: how it is planned, how likely its legs run out, what a wrong answer would cost. */
export interface Draft {
  trip: Trip;
  plan: Plan;
  risks: (RiskOfCarry | undefined)[];
  contrasts: StarterContrast[];
}

/** The trip that the answers make of the one that lends kit and dishes. */
export function draft({ trip: base }: Pick<Subject, 'trip'>, { answers }: { answers: StarterAnswers }, setting: StudySetting): Draft {
  const trip = startTrip(base, answers, String);
  const plan = planTrip(trip, { cache: setting.cache });
  return {
    trip,
    plan,
    risks: risk({ trip, plan }, { mishaps: NO_MISHAPS }, setting),
    contrasts: starterContrasts(base, answers, plan, setting.cache),
  };
}
