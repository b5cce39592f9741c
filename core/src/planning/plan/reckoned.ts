import type { BurnFacts, Edge } from '../planned';
import { isDone, type Burn } from '../../physics/burn';
import type { Can } from '../../physics/canister';
import { tryBurn } from './burn-facts';
import { atEdge } from './edge';
import type { KitInUse } from './kit-in-use';

/** A burn that counts, and at which edge where it fails in the conditions as they are. */
export interface Reckoned {
  burn: Burn;
  edge?: Edge;
}

/** What a burn is reckoned with: as it goes, or at the edge of what works where it fails. `tried` spares the first where it is known. */
export const reckonedBurn = (use: KitInUse, facts: BurnFacts, can: Can, tried: Burn = tryBurn(use, facts, can)): Reckoned =>
  isDone(tried) ? { burn: tried } : atEdge(use, facts, can, tried);
