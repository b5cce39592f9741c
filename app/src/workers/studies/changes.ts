import { bestChanges, type Change } from '@tinder/core/study';
import type { Subject } from '../subject';

/** What could be done differently on one carry, by the stop it leaves. */
export function changes({ trip, plan }: Pick<Subject, 'trip' | 'plan'>, { fromStopId }: { fromStopId: string }): Change[] {
  const carry = plan.carries.find((c) => c.fromStopId === fromStopId);
  return carry ? bestChanges(trip, carry) : [];
}
