import { kindHeldIn, type Container } from '../../domain/carry';
import type { Fuel } from '../../physics/fuel';
import type { OwnContainer, Trip } from '../../domain/model';
import { kitRuns, supplyAt, tripOnLeg, type KitRun } from '../../domain/trail';
import type { CarryPlan, Plan } from '../planned';
import { dayConditions } from './day-conditions';
import { kitInUse, type KitInUse } from './kit-in-use';
import { homeAfter } from './load-outs/own-containers';
import type { PlanCache } from './plan-cache';
import { planCarries } from './plan-carries';
import type { PlanProgress, Span } from './settle/carry-job';

/** How a plan is worked out. */
export interface PlanOptions {
  /** What is known from plans before; without it nothing is remembered. */
  cache?: PlanCache;
  /** Called with the progress. */
  report?: (p: PlanProgress) => void;
}

/** The door of the core: a valid trip in, its plan out. The same trip gives the same plan, with a cache and without. */
export const planTrip = (trip: Trip, options?: PlanOptions): Plan => planFrom(trip, { stop: 0, arrivedWith: [], home: trip.own }, options);

/** Start of a plan: a stop that sells the fuel, the containers held on arrival, and own containers that can still be packed. */
export interface PlanStart {
  stop: number;
  arrivedWith: readonly Container[];
  home: readonly OwnContainer[];
}

/** Plans from a stop on, counting what is held there. */
export function planFrom(trip: Trip, start: PlanStart, { cache, report }: PlanOptions = {}): Plan {
  const conditions = dayConditions(trip, cache);
  let held: Held = { kind: kindHeldIn(start.arrivedWith), containers: start.arrivedWith };
  let home = start.home;
  const parts = kitRuns(trip).flatMap((run) => {
    const use = kitInUse(run.trip.kit, cache);
    const spans = carrySpans(run, use).filter((s) => s.fromStop >= start.stop);
    if (!spans.length) return [];
    // another kit of the same fuel takes over the containers as well; others are sent home
    const arrivedWith = held.kind === use.fuel.kind ? held.containers : [];
    const part = planCarries(run.trip, use, spans, conditions, { arrivedWith, home }, report);
    const last = part.carries[part.carries.length - 1]!;
    held = { kind: use.fuel.kind, containers: last.after };
    home = homeAfter(last.home, last.taken);
    return [part];
  });
  const carries = parts.flatMap((p) => p.carries);
  const short = parts.find((p) => p.short)?.short;
  const pinCosts = parts.flatMap((p) => p.pinCost ?? []);
  return {
    days: carries.flatMap((c) => c.days),
    carries,
    price: parts.reduce((sum, p) => sum + p.price, 0),
    exact: parts.every((p) => p.exact),
    ...(short ? { pinTooSmall: short } : {}),
    ...(pinCosts.length
      ? { pinCost: { meanG: pinCosts.reduce((g, c) => g + c.meanG, 0), price: pinCosts.reduce((s, c) => s + c.price, 0) } }
      : {}),
  };
}

/** Containers on hand where one kit is followed by another, and what they hold. */
interface Held {
  kind: Fuel['kind'] | undefined;
  containers: readonly Container[];
}

/** One carry planned again for a trip with other gear or food, coming to its stop with what the plan came with. */
export function replanCarry(
  whole: Trip,
  carry: Pick<CarryPlan, 'fromStop' | 'toStop' | 'supply' | 'arrivedWith' | 'home'>,
  { cache }: Pick<PlanOptions, 'cache'> = {},
): CarryPlan {
  const trip = tripOnLeg(whole, carry.fromStop);
  const use = kitInUse(trip.kit, cache);
  const arrivedWith = use.fuel.kind === kindHeldIn(carry.arrivedWith) ? carry.arrivedWith : [];
  return planCarries(trip, use, [carry], dayConditions(trip, cache), { arrivedWith, home: carry.home }).carries[0]!;
}

/**
 * Stretches between stops that can fill up; where nothing is carried every leg is one. A kit that takes over on the way comes by post, and
 * its fuel with it where the stop sells none.
 */
export function carrySpans({ trip, fromLeg, toLeg }: KitRun, { fuel }: Pick<KitInUse, 'fuel'>): Span[] {
  const carried = fuel.kind !== 'wood' && fuel.kind !== 'none';
  const spans: Span[] = [];
  for (let leg = fromLeg; leg < toLeg; leg++) {
    const supply = supplyAt(trip.stops[leg]!, leg, fuel) ?? (carried ? undefined : 'shop');
    const last = spans.at(-1);
    if (supply || !last) spans.push({ fromStop: leg, toStop: leg + 1, supply: supply ?? 'box' });
    else last.toStop = leg + 1;
  }
  return spans;
}
