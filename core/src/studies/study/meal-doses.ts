import type { Trip } from '../../domain/model';
import { doseTableFor, FRESH_CAN, kitInUse, reckonedBurn, type DoseTable, type PlanCache } from '../../planning/plan';
import type { BurnFacts } from '../../planning/planned';

/** The doses of one meal from too little to plenty, as the plan judged them; undefined for burners with a valve and a can. */
export function mealDoses(trip: Trip, facts: BurnFacts, cache?: PlanCache): DoseTable | undefined {
  const use = kitInUse(trip.kit, cache);
  const { burn, edge } = reckonedBurn(use, facts, FRESH_CAN);
  return doseTableFor(use, facts, FRESH_CAN, burn, edge !== undefined);
}
