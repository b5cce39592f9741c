import type { BurnFacts, Edge } from '../planned';
import { isDone, type Burn } from '../../physics/burn';
import type { Can } from '../../physics/canister';
import { tryBurn } from './burn-facts';
import { atEdge } from './edge';
import type { KitInUse } from './kit-in-use';

/** The burn that counts, with its edge if it fails in the given conditions. */
export interface Reckoned {
  burn: Burn;
  edge?: Edge;
}

/** The burn that counts: as it goes, or at the edge of what works if it fails. `tried` is the first one if already known. */
export const reckonedBurn = (use: KitInUse, facts: BurnFacts, can: Can, tried: Burn = tryBurn(use, facts, can)): Reckoned =>
  isDone(tried) ? { burn: tried } : atEdge(use, facts, can, tried);
