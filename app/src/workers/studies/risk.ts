import type { Mishaps } from '@tinder/core/risk';
import { planRisk, RISK_SEED, riskOfCarry, type RiskOfCarry } from '@tinder/core/study';
import type { StudySetting, Subject } from '../subject';

/** How likely each carry runs out, and what would keep it to the walker's limit; undefined where nothing can run out. */
export const risk = (
  { trip, plan }: Pick<Subject, 'trip' | 'plan'>,
  { mishaps }: { mishaps: Mishaps },
  { tripsDrawn }: StudySetting,
): (RiskOfCarry | undefined)[] => planRisk(trip, plan, mishaps, RISK_SEED, tripsDrawn).map((r) => r && riskOfCarry(trip, r));
