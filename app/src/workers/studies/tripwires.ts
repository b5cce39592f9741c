import { carryWires, type CardCamp } from '@tinder/core/output/walk';
import type { StudySetting, Subject } from '../subject';

/** The tripwires of the carry that leaves a stop. */
export function tripwires({ trip, plan }: Omit<Subject, 'rack'>, { stopId }: { stopId: string }, { cache }: StudySetting): CardCamp[] {
  const carry = plan.carries.find((c) => c.fromStopId === stopId);
  return carry ? carryWires(trip, carry, cache) : [];
}
