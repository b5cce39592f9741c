import type { Result } from '@tinder/core/foundation/errors';
import type { NotPlannable } from '@tinder/core/domain/kit';
import { loseOne, type Loss } from '@tinder/core/studies/study';
import type { StudySetting, Subject } from '../subject';
import { kitOf, type KitGone } from './rack-kit';

/** What it means to lose each piece, bottle and lighter after a stop. */
export function losses(
  { rack, trip }: Pick<Subject, 'rack' | 'trip'>,
  { kitId, stopId }: { kitId: string; stopId: string },
  { cache }: StudySetting,
): Result<Loss[], NotPlannable | KitGone> {
  const kit = kitOf(rack, kitId);
  return kit.ok ? loseOne(rack, trip, kit.value, stopId, cache) : kit;
}
