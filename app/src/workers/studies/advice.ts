import { adviceOn, type Advice } from '@tinder/core/studies/study';
import type { StudySetting, Subject } from '../subject';

/** What could be done differently on one carry, by the stop it leaves, and why it is loaded as it is. */
export function advice(
  { trip, plan }: Pick<Subject, 'trip' | 'plan'>,
  { fromStopId }: { fromStopId: string },
  { cache }: StudySetting,
): Advice {
  const carry = plan.carries.find((c) => c.fromStopId === fromStopId);
  return carry ? adviceOn(trip, plan, carry, cache) : { changes: [] };
}
