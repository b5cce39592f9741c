import { CANISTER_SIZES, carryProfile, drawnDown, fuelOfG, kindHeldIn, tareOfG, type CarryProfile, type Container } from '../carry';
import type { Fuel } from '../fuel';
import type { Trip } from '../model';
import { kitRuns, supplyAt, tripOnLeg, type KitRun, type Supply } from '../trail';
import { cautions, type Caution } from './cautions';
import { cookDays, type PlanDay } from './cook-days';
import { dayConditions, type DayConditions } from './day-conditions';
import type { CarryNeed, LoadOut } from './load-outs/choosing';
import { loadOutsOf, type TripLoadOuts } from './load-outs/load-outs';
import { kitInUse, type KitInUse } from './meal-burn';
import { findProblems, type Problem } from './problems';

/** Everything a screen shows about a trip, derived from the trip alone. */
export interface Plan {
  days: PlanDay[];
  /** From each stop that can fill up to the next one, in order; together they hold every day once. */
  carries: CarryPlan[];
  /** What all fuel costs at the stops, usual prices standing in for unknown ones. */
  price: number;
  /** The load-outs are proven to be the least; false only on trips of dozens of stops. */
  exact: boolean;
  /** What the walker's pins cost more than the best without them: grams carried all the way, and money. */
  pinCost?: { meanG: number; price: number };
  /** The walker's pins leave too little: they were not followed. */
  pinTooSmall?: PinTooSmall;
}
/** Where the pinned purchases fall short, and by how much. */
export interface PinTooSmall {
  stop: string;
  fromStopId: string;
  /** Places in the trip that was planned: of the stop, and of the next one that can fill up. */
  fromStop: number;
  toStop: number;
  needG: number;
  mostG: number;
}

/** One food-and-fuel carry: what leaves a stop and how it goes until the next stop that can fill up. */
export interface CarryPlan {
  /** The stop it leaves and the one it ends at; stops between cannot fill up this fuel. */
  fromStopId: string;
  toStopId: string;
  /** Their places in the trip that was planned. They hold for that trip only: what may outlive it goes by id. */
  fromStop: number;
  toStop: number;
  from: string;
  to: string;
  supply: Supply;
  days: PlanDay[];
  /** Expected demand, g; meals that cannot be cooked are not in it. */
  demandG: number;
  /** Wood to gather along the way, g; it is never carried. */
  gatheredG: number;
  /** Fuel asked for above demand, g. */
  reserveG: number;
  /** Leaving the stop, in the order of use; empties that found no bin yet come last. */
  containers: readonly Container[];
  /** Bought or packed here, left here, and what was held on coming here. */
  bought: readonly Container[];
  left: readonly Container[];
  arrivedWith: readonly Container[];
  /** Fuel leaving the stop and weight of the empty containers, g. */
  fuelG: number;
  tareG: number;
  hardwareG: number;
  profile: CarryProfile;
  problems: Problem[];
  /** What can hurt someone with this kit in these conditions. */
  cautions: Caution[];
}

const LOADOUT_PASSES = 5;
/** A part-used can this close to another burns the same. */
const SAME_FUEL_G = 1;

/** How far a plan has come: days cooked in this round; a further round follows where the cans chosen burn otherwise. */
export interface PlanProgress {
  round: number;
  day: number;
  ofDays: number;
}

/**
 * The only door of the core: a valid trip in, its plan out. Pure; the same trip gives the same plan. `report` hears how far it has come.
 */
export function planTrip(trip: Trip, report?: (p: PlanProgress) => void): Plan {
  const conditions = dayConditions(trip);
  let held: Held = { kind: undefined, containers: [] };
  const parts = kitRuns(trip).map((run) => {
    const use = kitInUse(run.trip.kit);
    // another kit of the same fuel takes over the containers as well; others are sent home
    const arrivedWith = held.kind === use.fuel.kind ? held.containers : [];
    const part = planCarries(run.trip, use, carrySpans(run, use), conditions, arrivedWith, report);
    const last = part.carries[part.carries.length - 1];
    held = { kind: use.fuel.kind, containers: drawnDown(last.containers, last.demandG) };
    return part;
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
export function replanCarry(whole: Trip, carry: Pick<CarryPlan, 'fromStop' | 'toStop' | 'supply' | 'arrivedWith'>): CarryPlan {
  const trip = tripOnLeg(whole, carry.fromStop);
  const use = kitInUse(trip.kit);
  const arrivedWith = use.fuel.kind === kindHeldIn(carry.arrivedWith) ? carry.arrivedWith : [];
  return planCarries(trip, use, [carry], dayConditions(trip), arrivedWith).carries[0];
}

interface Span {
  fromStop: number;
  toStop: number;
  supply: Supply;
}

/**
 * Stretches between stops that can fill up; where nothing is carried every leg is one. A kit that takes over on the way comes by post, and
 * its fuel with it where the stop sells none.
 */
function carrySpans({ trip, fromLeg, toLeg }: KitRun, { fuel }: KitInUse): Span[] {
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

/**
 * The can decides the flame and the flame decides the cans: every carry is walked with a load-out until the load-outs chosen for its
 * demand are the ones it was walked with. Only gas needs more than one round.
 */
function planCarries(
  trip: Trip,
  use: KitInUse,
  spans: readonly Span[],
  conditions: readonly DayConditions[],
  arrivedWith: readonly Container[] = [],
  report: (p: PlanProgress) => void = () => undefined,
): Pick<Plan, 'carries' | 'price' | 'exact' | 'pinCost'> & { short?: PinTooSmall } {
  const daysOf = spans.map((s) => conditions.filter((d) => d.leg >= s.fromStop && d.leg < s.toStop));
  let walkedWith: readonly (readonly Container[])[] = spans.map(() => firstGuess(use));
  const walk = (i: number, round: number): PlanDay[] => {
    const days = cookDays(trip, use, daysOf[i], walkedWith[i]);
    report({ round, day: days[days.length - 1].day, ofDays: conditions.length });
    return days;
  };
  let walks = spans.map((_, i) => walk(i, 1));
  let demands = walks.map(demandOfDaysG);
  let chosen = chooseLoadOuts(trip, use, spans, walks, demands, arrivedWith);
  for (let pass = 1; pass < LOADOUT_PASSES && use.fuel.kind === 'gas'; pass++) {
    const next = chosen.loadOuts.map((l) => l.containers);
    const same = next.map((c, i) => sameContainers(c, walkedWith[i]));
    if (same.every(Boolean)) break;
    walkedWith = next;
    walks = walks.map((w, i) => (same[i] ? w : walk(i, pass + 1)));
    // two load-outs may each ask for the other: from here on the larger demand counts, which comes to an end
    demands = walks.map((w, i) => (pass > 1 ? Math.max(demands[i], demandOfDaysG(w)) : demandOfDaysG(w)));
    chosen = chooseLoadOuts(trip, use, spans, walks, demands, arrivedWith);
  }
  const short = chosen.short && {
    stop: trip.stops[spans[chosen.short.stage].fromStop].name,
    fromStopId: trip.stops[spans[chosen.short.stage].fromStop].id,
    fromStop: spans[chosen.short.stage].fromStop,
    toStop: spans[chosen.short.stage].toStop,
    needG: chosen.short.needG,
    mostG: chosen.short.mostG,
  };
  let held: readonly Container[] = arrivedWith;
  const carries = spans.map((span, i) => {
    const carry = assemble(trip, use, span, walks[i], chosen.loadOuts[i], held);
    held = drawnDown(carry.containers, carry.demandG);
    return carry;
  });
  const { price, exact, pinCost } = chosen;
  return { carries, price, exact, ...(pinCost ? { pinCost } : {}), ...(short ? { short } : {}) };
}

function chooseLoadOuts(
  trip: Trip,
  use: KitInUse,
  spans: readonly Span[],
  walks: readonly PlanDay[][],
  demandsG: readonly number[],
  arrivedWith: readonly Container[],
): TripLoadOuts {
  const needs = spans.map((s, i): CarryNeed => ({
    stop: trip.stops[s.fromStop],
    supply: s.supply,
    days: walks[i],
    burntG: walks[i].map((d) => d.fuelG),
    demandG: demandsG[i],
  }));
  return loadOutsOf(trip, use, needs, arrivedWith);
}

const demandOfDaysG = (days: readonly PlanDay[]): number => days.reduce((sum, d) => sum + d.fuelG, 0);

function assemble(
  trip: Trip,
  use: KitInUse,
  { fromStop, toStop, supply }: Span,
  days: PlanDay[],
  loadOut: LoadOut,
  arrivedWith: readonly Container[],
): CarryPlan {
  const { containers } = loadOut;
  const demandG = demandOfDaysG(days);
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
    ...loadOut,
    arrivedWith,
    fuelG,
    tareG,
    hardwareG,
    profile: carryProfile(hardwareG, tareG, fuelG, burntG, days[0].day),
    problems: findProblems(trip, use, fromStop, toStop, days),
    cautions: cautions(trip, days),
  };
}

/** The carry that a day (1-based) belongs to; the last one past the end. */
export function carryOfDay(plan: Plan, day: number): CarryPlan {
  return plan.carries.find((c) => c.days[c.days.length - 1].day >= day) ?? plan.carries[plan.carries.length - 1];
}

/** The planned day of that number (1-based); the last one past the end, where a trip has just been shortened. */
export const planDayOf = (plan: Pick<Plan, 'days'>, day: number): PlanDay => plan.days[Math.min(day, plan.days.length) - 1];

/** Fuel burnt over the whole trip, g; wood is gathered, not burnt from stock. */
export const demandOfG = (plan: Plan): number => plan.carries.reduce((sum, c) => sum + c.demandG, 0);

/** Kit without fuel and containers, g; the lid counts when it is used. */
export function hardwareMassG({ kit }: Trip): number {
  return kit.burnerMassG + kit.pot.massG + (kit.lidOn ? kit.pot.lidMassG : 0) + kit.windscreenMassG + kit.otherMassG;
}

function firstGuess(use: KitInUse): Container[] {
  const middle = CANISTER_SIZES[1];
  return use.fuel.kind === 'gas' ? [{ kind: 'canister', ...middle, fuelG: middle.netG }] : [];
}

function sameContainers(a: readonly Container[], b: readonly Container[]): boolean {
  return a.length === b.length && a.every((c, i) => Math.abs(c.fuelG - b[i].fuelG) < SAME_FUEL_G && c.tareG === b[i].tareG);
}
