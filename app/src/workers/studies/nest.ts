import { done, type Result } from '@tinder/core/foundation/errors';
import type { Nest } from '@tinder/core/domain/kit';
import { nestOf } from '@tinder/core/studies/study';
import type { Subject } from '../subject';
import { kitOf, type KitGone } from './rack-kit';

/** How a kit of the rack nests; undefined where nothing of it holds anything. */
export function nest({ rack }: Pick<Subject, 'rack'>, { kitId }: { kitId: string }): Result<Nest | undefined, KitGone> {
  const kit = kitOf(rack, kitId);
  return kit.ok ? done(nestOf(rack, kit.value)) : kit;
}
