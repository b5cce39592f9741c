import { done, type Result } from '@tinder/core/foundation/errors';
import type { NotPlannable } from '@tinder/core/domain/kit';
import type { Mishaps } from '@tinder/core/planning/risk';
import { AS_CARRIED, balanceOf, planKit, type BalancePoint } from '@tinder/core/studies/study';
import type { StudySetting, Subject } from '../subject';
import { kitOf, type KitGone } from './rack-kit';

/** Load-outs of one kit from bare to safe; `AS_CARRIED` for the trip's own. */
export function balance(
  { rack, trip }: Pick<Subject, 'rack' | 'trip'>,
  { kitId, mishaps }: { kitId: string; mishaps: Mishaps },
  { tripsDrawn, cache }: StudySetting,
): Result<BalancePoint[], NotPlannable | KitGone> {
  const draw = { trips: tripsDrawn, cache };
  if (kitId === AS_CARRIED) return done(balanceOf(trip, mishaps, draw));
  const kit = kitOf(rack, kitId);
  if (!kit.ok) return kit;
  const planned = planKit(rack, trip, kit.value, cache);
  return planned.ok ? done(balanceOf(planned.value.trip, mishaps, draw)) : planned;
}
