import type { Result } from '@tinder/core/errors';
import type { NotPlannable } from '@tinder/core/kit';
import { loseOne, type Loss } from '@tinder/core/study';
import type { Subject } from '../subject';
import { kitOf, type KitGone } from './rack-kit';

/** What it means to lose each piece, bottle and lighter after a stop. */
export function losses(
  { rack, trip }: Pick<Subject, 'rack' | 'trip'>,
  { kitId, stopId }: { kitId: string; stopId: string },
): Result<Loss[], NotPlannable | KitGone> {
  const kit = kitOf(rack, kitId);
  return kit.ok ? loseOne(rack, trip, kit.value, stopId) : kit;
}
