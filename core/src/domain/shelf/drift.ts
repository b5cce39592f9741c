import { blendAfterWithdrawal } from '../../physics/canister';
import type { BlendByMass } from '../../physics/fuel';

/** Vapour drawn off a can, g, while it stood at `canC`. */
export interface Draw {
  fuelG: number;
  canC: number;
}

/**
 * The liquid in a can that was filled with `netG` of a fresh blend, after what was drawn off it in that order, by mass: each draw takes the more
 * volatile gases first, the more so the colder it was. What is drawn beyond the last gram changes nothing.
 */
export function driftedBlend(fresh: BlendByMass, netG: number, draws: readonly Draw[]): BlendByMass {
  let blend = fresh;
  let leftG = netG;
  for (const { fuelG, canC } of draws) {
    if (leftG <= 0) break;
    const after = Math.max(0, leftG - fuelG);
    blend = blendAfterWithdrawal(blend, after / leftG, canC);
    leftG = after;
  }
  return blend;
}
