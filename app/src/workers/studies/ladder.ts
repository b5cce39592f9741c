import type { Result } from '@tinder/core/foundation/errors';
import type { NotPlannable } from '@tinder/core/domain/kit';
import { upgradeLadder, type Upgrade } from '@tinder/core/studies/study';
import type { StudySetting, Subject } from '../subject';
import { kitOf, type KitGone } from './rack-kit';

/** What would make a kit lighter, what a gram costs first. */
export function ladder(
  { rack, trip }: Pick<Subject, 'rack' | 'trip'>,
  { kitId }: { kitId: string },
  { cache }: StudySetting,
): Result<Upgrade[], NotPlannable | KitGone> {
  const kit = kitOf(rack, kitId);
  return kit.ok ? upgradeLadder(rack, trip, kit.value, cache) : kit;
}
