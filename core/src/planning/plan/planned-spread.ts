import type { Can } from '../../physics/canister';
import type { PlannedMeal } from '../planned';
import { needSpread, type NeedSpread } from './best-dose';
import { FRESH_CAN } from './evenings';
import type { KitInUse } from './kit-in-use';
import { reckonedBurn, type Reckoned } from './reckoned';

/** A planned meal burnt again by the full model on a can as full as it was, and how its need moves with the evening. */
export interface PlannedSpread {
  can: Can;
  reckoned: Reckoned;
  spread: NeedSpread;
}

/** If it fails on an evening, the burn at the edge counts. */
export function plannedSpread(use: KitInUse, { facts, canFraction }: Pick<PlannedMeal, 'facts' | 'canFraction'>): PlannedSpread {
  const can = canFraction === undefined ? FRESH_CAN : { ...FRESH_CAN, fuelLeftG: Math.max(1, canFraction * FRESH_CAN.netG) };
  const reckoned = reckonedBurn(use, facts, can);
  return { can, reckoned, spread: needSpread(use, facts, can, reckoned.burn, reckoned.edge !== undefined) };
}
