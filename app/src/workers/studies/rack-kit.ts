import { done, refused, type Result } from '@tinder/core/foundation/errors';
import type { Rack, RackKit } from '@tinder/core/domain/model';

/** The kit has gone from the rack in the meantime. */
export interface KitGone {
  code: 'kitGone';
  kitId: string;
}

/** The kit of that id. */
export function kitOf(rack: Rack, kitId: string): Result<RackKit, KitGone> {
  const kit = rack.kits.find((k) => k.id === kitId);
  return kit ? done(kit) : refused({ code: 'kitGone', kitId });
}
