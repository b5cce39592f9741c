import type { Mishaps } from '@tinder/core/planning/risk';
import { planRisk, riskOfCarry, type RiskOfCarry } from '@tinder/core/studies/study';
import type { StudySetting, Subject } from '../subject';

/** How likely each carry runs out, and what would keep it to the walker's limit; undefined where nothing can run out. */
export const risk = (
  { trip, plan }: Pick<Subject, 'trip' | 'plan'>,
  { mishaps }: { mishaps: Mishaps },
  { tripsDrawn, cache }: StudySetting,
): (RiskOfCarry | undefined)[] => planRisk(trip, plan, mishaps, { trips: tripsDrawn, cache }).map((r) => r && riskOfCarry(trip, r));
