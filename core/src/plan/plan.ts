import { carryProfile, fuelOfG, kindHeldIn, tareOfG, type Container } from '../carry';
import type { Fuel } from '../fuel';
import type { OwnContainer, Trip } from '../model';
import { kitRuns, supplyAt, tripOnLeg, type KitRun } from '../trail';
import type { CarryPlan, PinTooSmall, Plan, DayConditions } from '../planned';
import { cautions } from './cautions';
import { dayConditions } from './day-conditions';
import { kitInUse, type KitInUse } from './kit-in-use';
import { homeAfter } from './load-outs/own-containers';
import { findProblems } from './problems';
import { settleCarries, type PlanProgress, type SettledCarry, type Span } from './settle';
import { withWarmedCans } from './warmed-cans';

/**
 * The door of the core: a valid trip in, its plan out. Pure; the same trip gives the same plan. `report` hears how far it has come.
 */
export const planTrip = (trip: Trip, report?: (p: PlanProgress) => void): Plan =>
  planFrom(trip, { stop: 0, arrivedWith: [], home: trip.own }, report);

/** Where a plan begins: at a stop that can fill up, coming to it with containers, and with what of the walker's own may still be sent. */
export interface PlanStart {
  stop: number;
  arrivedWith: readonly Container[];
  home: readonly OwnContainer[];
}

/** The plan from a stop on: what is walked is left out, what is carried there is counted. */
export function planFrom(trip: Trip, start: PlanStart, report?: (p: PlanProgress) => void): Plan {
  const conditions = dayConditions(trip);
  let held: Held = { kind: kindHeldIn(start.arrivedWith), containers: start.arrivedWith };
  let home = start.home;
  const parts = kitRuns(trip).flatMap((run) => {
    const use = kitInUse(run.trip.kit);
    const spans = carrySpans(run, use).filter((s) => s.fromStop >= start.stop);
    if (!spans.length) return [];
    // another kit of the same fuel takes over the containers as well; others are sent home
    const arrivedWith = held.kind === use.fuel.kind ? held.containers : [];
    const part = planCarries(run.trip, use, spans, conditions, { arrivedWith, home }, report);
    const last = part.carries[part.carries.length - 1];
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
export function replanCarry(whole: Trip, carry: Pick<CarryPlan, 'fromStop' | 'toStop' | 'supply' | 'arrivedWith' | 'home'>): CarryPlan {
  const trip = tripOnLeg(whole, carry.fromStop);
  const use = kitInUse(trip.kit);
  const arrivedWith = use.fuel.kind === kindHeldIn(carry.arrivedWith) ? carry.arrivedWith : [];
  return planCarries(trip, use, [carry], dayConditions(trip), { arrivedWith, home: carry.home }).carries[0];
}

/**
 * Stretches between stops that can fill up; where nothing is carried every leg is one. A kit that takes over on the way comes by post, and
 * its fuel with it where the stop sells none.
 */
export function carrySpans({ trip, fromLeg, toLeg }: KitRun, { fuel }: Pick<KitInUse, 'fuel'>): Span[] {
  const carried = fuel.kind !== 'wood' && fuel.kind !== 'none';
  const spans: Span[] = [];
  for (let leg = fromLeg; leg < toLeg; leg++) {
    const supply = supplyAt(trip.stops[leg], leg, fuel) ?? (carried ? undefined : 'shop');
    const last = spans.at(-1);
    if (supply || !last) spans.push({ fromStop: leg, toStop: leg + 1, supply: supply ?? 'box' });
    else last.toStop = leg + 1;
  }
  return spans;
}

function planCarries(
  trip: Trip,
  use: KitInUse,
  spans: readonly Span[],
  conditions: readonly DayConditions[],
  { arrivedWith, home }: Pick<CarryPlan, 'arrivedWith' | 'home'>,
  report: (p: PlanProgress) => void = () => undefined,
): Pick<Plan, 'carries' | 'price' | 'exact' | 'pinCost'> & { short?: PinTooSmall } {
  const { carries, exact, pinCost, short } = settleCarries({ trip, use, spans, conditions, arrivedWith, home, report });
  const at = short && spans[short.stage];
  return {
    carries: carries.map((c, i) => assemble(trip, use, spans[i], c)),
    price: carries.reduce((sum, c) => sum + c.loadOut.price, 0),
    exact,
    ...(pinCost ? { pinCost } : {}),
    ...(short && at
      ? {
          short: {
            stop: trip.stops[at.fromStop].name,
            fromStopId: trip.stops[at.fromStop].id,
            fromStop: at.fromStop,
            toStop: at.toStop,
            needG: short.needG,
            mostG: short.mostG,
          },
        }
      : {}),
  };
}

function assemble(
  trip: Trip,
  use: KitInUse,
  { fromStop, toStop, supply }: Span,
  { days: cooked, demandG, loadOut, arrivedWith, home }: SettledCarry,
): CarryPlan {
  const { containers, bought, taken, left, after } = loadOut;
  const days = cooked.map((d) => withWarmedCans(use, containers, d));
  const gathered = use.fuel.kind === 'wood';
  const hardwareG = hardwareMassG(trip);
  const fuelG = fuelOfG(containers);
  const tareG = tareOfG(containers);
  const burntG = days.map((d) => (gathered ? 0 : d.fuelG));
  return {
    fromStopId: trip.stops[fromStop].id,
    toStopId: trip.stops[toStop].id,
    fromStop,
    toStop,
    from: trip.stops[fromStop].name,
    to: trip.stops[toStop].name,
    supply,
    days,
    demandG: gathered ? 0 : demandG,
    gatheredG: gathered ? demandG : 0,
    reserveG: gathered ? 0 : (demandG * trip.reservePercent) / 100,
    containers,
    bought,
    price: loadOut.price,
    taken,
    home,
    left,
    after,
    arrivedWith,
    fuelG,
    tareG,
    hardwareG,
    profile: carryProfile(hardwareG, tareG, fuelG, burntG, days[0].day),
    problems: findProblems(trip, use, fromStop, toStop, days),
    cautions: cautions(use, days),
  };
}

/** Kit without fuel and containers, g; the lid counts when it is used. */
export function hardwareMassG({ kit }: Pick<Trip, 'kit'>): number {
  return kit.burnerMassG + kit.pot.massG + (kit.lidOn ? kit.pot.lidMassG : 0) + kit.windscreenMassG + kit.otherMassG;
}
