import { CANISTER_SIZES, canPackage, type Container } from '../../domain/carry';
import type { Pin, Trip } from '../../domain/model';
import { planTrip, replanCarry, weightSums, planCache, type PlanCache } from '../../planning/plan';
import type { CarryPlan, Plan } from '../../planning/planned';
import { editStop } from '../../domain/trail';
import { bestChanges, type Change } from './changes';

/** Why a carry leaves with what it does, where something else would be lighter on leaving. */
export interface WhyLoadOut {
  /** What would be lightest for this carry alone, and by how much, g. */
  alone: readonly Container[];
  lighterG: number;
  /** What buying that here would cost over the whole trip: the mean of the mornings, g. */
  laterG: number;
}
/** What could be done otherwise on a carry, the best first, and why it is loaded as it is. */
export interface Advice {
  changes: Change[];
  why?: WhyLoadOut;
}

/** Less than this needs no reason, g. */
const WORTH_G = 1;

/** Changes on one carry of a plan, and why its load-out is not the lightest one for itself. */
export function adviceOn(trip: Trip, plan: Plan, carry: CarryPlan, cache: PlanCache = planCache()): Advice {
  const why = whyLoadOut(trip, plan, carry, cache);
  return { changes: bestChanges(trip, carry, cache), ...(why ? { why } : {}) };
}

/** The same trip with what would be lightest for this carry alone bought at its stop; undefined where that is what is bought. */
export function whyLoadOut(trip: Trip, plan: Plan, carry: CarryPlan, cache?: PlanCache): WhyLoadOut | undefined {
  if (trip.stops.some((s) => s.pinned) || !carry.containers.some((c) => c.kind === 'canister')) return undefined;
  const alone = replanCarry({ ...trip, loadOut: { ...trip.loadOut, measure: 'start', gramsPerPrice: 0 } }, carry, { cache });
  const lighterG = carry.profile.startG - alone.profile.startG;
  if (lighterG < WORTH_G) return undefined;
  const pinned = planTrip(editStop(trip, carry.fromStopId, { pinned: pinOf(alone.bought) }), { cache });
  const laterG = weightSums(pinned).averageG - weightSums(plan).averageG;
  return pinned.pinTooSmall || laterG <= 0 ? undefined : { alone: alone.containers, lighterG, laterG };
}

/** What is bought as a pin. */
function pinOf(bought: readonly Container[]): Pin {
  const counts = CANISTER_SIZES.flatMap(({ netG }) => {
    const id = canPackage(netG);
    const count = bought.filter((c) => c.kind === 'canister' && c.netG === netG).length;
    return id && count ? [[id, count] as const] : [];
  });
  return { kind: 'cans', counts: Object.fromEntries(counts) };
}
