import { fuelForRisk, type Mishaps, riskLimit } from '@tinder/core/planning/risk';
import { carryRisk, shopOf, spendSlack, type Shop, type Spending } from '@tinder/core/studies/study';
import type { StudySetting, Subject } from '../subject';

/** What could be taken at the stop that a carry leaves, and what the fuel that is over may go into; undefined where nothing is burnt. */
export function shop(
  { trip, plan }: Pick<Subject, 'trip' | 'plan'>,
  { fromStopId, mishaps }: { fromStopId: string; mishaps: Mishaps },
  { tripsDrawn, cache }: StudySetting,
): { choices: Shop; slack: Spending } | undefined {
  const carry = plan.carries.find((c) => c.fromStopId === fromStopId);
  const drawn = carry && carryRisk(trip, carry, mishaps, tripsDrawn, cache);
  if (!drawn) return undefined;
  const limit = riskLimit(trip);
  return { choices: shopOf(trip, carry, drawn, limit), slack: spendSlack(trip, plan, carry, fuelForRisk(drawn, limit), cache) };
}
