import { MEALS, type Meal, type MealName } from '../archive/kit-schema';
import type { Trip } from '../archive/trip-schema';
import { fuelOfG, tareOfG, type Container } from '../carry/containers';
import { CANISTER_SIZES } from '../carry/packages';
import { hasShutOff, hasValve } from '../catalogue/burners';
import { isEatenOut, isHot, mealOn } from '../menu/day-menu';
import { carryProfile, type CarryProfile } from '../carry/profile';
import type { Can } from '../canister/thermal';
import type { Fuel } from '../fuel/fuels';
import { supplyAt, type Supply } from '../trail/supply';
import { cautions, type Caution } from './cautions';
import { dayConditions, type DayConditions } from './day-conditions';
import { FRESH_CAN } from './evenings';
import { loadOutsOf, type CarryNeed, type LoadOut, type TripLoadOuts } from './load-outs';
import { burnMeal, heldSetting, kitInUse, type KitInUse, type MealBurn } from './meal-burn';

/** Everything a screen shows about a trip, derived from the trip alone. */
export interface Plan {
  days: PlanDay[];
  /** From each stop that can fill up to the next one, in order; together they hold every day once. */
  carries: CarryPlan[];
  /** Pieces of the kit without fuel and its containers, g. */
  hardwareG: number;
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
  needG: number;
  mostG: number;
}

/** One food-and-fuel carry: what leaves a stop and how it goes until the next stop that can fill up. */
export interface CarryPlan {
  /** Index of the stop it leaves and of the one it ends at; stops between cannot fill up this fuel. */
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

export interface PlanDay extends DayConditions {
  meals: Partial<Record<MealName, PlannedMeal>>;
  /** Fuel burnt this day, g. */
  fuelG: number;
  /** Water carried to a dry camp for its supper and the breakfast after it, mL. */
  carriedWaterMl: number;
}

export interface PlannedMeal extends MealBurn {
  meal: MealName;
  day: number;
  /** Share of the net mass in the can when lit, 0–1; absent without a can. */
  canFraction?: number;
}

/** What stands in the way of a meal or needs saying: data, put into words at the edge. */
export type Problem =
  | { code: 'stalls'; meal: MealName; days: number[]; atC: number; targetC: number }
  | { code: 'mayBlowOut'; meal: MealName; days: number[]; flameWindMps: number; limitMps: number }
  | { code: 'wontRun'; meal: MealName; days: number[]; airC: number }
  | { code: 'boilsFirst'; meal: MealName; onDays: number[]; targetC: number; boilC: number }
  | { code: 'banned'; onDays: number[]; restriction: 'noOpenFlame' | 'noFlame' }
  | { code: 'unknownRestriction'; onDays: number[] }
  | { code: 'passesStops'; names: string[] }
  | { code: 'flameRaised'; setting: number };

const LOADOUT_PASSES = 5;
/** A part-used can this close to another burns the same. */
const SAME_FUEL_G = 1;

/**
 * The only door of the core: a valid trip in, its plan out. Pure; the same trip gives the same plan.
 */
export function planTrip(trip: Trip): Plan {
  const use = kitInUse(trip.kit);
  const conditions = dayConditions(trip);
  const spans = carrySpans(trip, use);
  const { carries, short, price, pinCost, exact } = planCarries(trip, use, spans, conditions);
  return {
    days: carries.flatMap((c) => c.days),
    carries,
    hardwareG: hardwareMassG(trip),
    price,
    exact,
    ...(short ? { pinTooSmall: short } : {}),
    ...(pinCost ? { pinCost } : {}),
  };
}

/** One carry planned again for a trip with other gear or food, coming to its stop with what the plan came with. */
export function replanCarry(trip: Trip, carry: Pick<CarryPlan, 'fromStop' | 'toStop' | 'supply' | 'arrivedWith'>): CarryPlan {
  const use = kitInUse(trip.kit);
  const arrivedWith = use.fuel.kind === kindHeldIn(carry.arrivedWith) ? carry.arrivedWith : [];
  return planCarries(trip, use, [carry], dayConditions(trip), arrivedWith).carries[0];
}

/** The kind of fuel that such containers hold; undefined for none. */
function kindHeldIn([first]: readonly Container[]): Fuel['kind'] | undefined {
  switch (first?.kind) {
    case 'canister':
      return 'gas';
    case 'gelTin':
      return 'gel';
    case 'tablets':
      return 'tablet';
    case 'bottle':
      return 'alcohol';
    case 'liquidBottle':
      return 'liquid';
    case undefined:
      return undefined;
  }
}

interface Span {
  fromStop: number;
  toStop: number;
  supply: Supply;
}

/** Stretches between stops that can fill up; where nothing is carried every leg is one. */
function carrySpans(trip: Trip, { fuel }: KitInUse): Span[] {
  const carried = fuel.kind !== 'wood' && fuel.kind !== 'none';
  const spans: Span[] = [];
  for (let leg = 0; leg < trip.legs.length; leg++) {
    const supply = supplyAt(trip.stops[leg], leg, fuel) ?? (carried ? undefined : 'shop');
    const last = spans.at(-1);
    if (supply || !last) spans.push({ fromStop: leg, toStop: leg + 1, supply: supply ?? 'home' });
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
): Pick<Plan, 'carries' | 'price' | 'exact' | 'pinCost'> & { short?: PinTooSmall } {
  const daysOf = spans.map((s) => conditions.filter((d) => d.leg >= s.fromStop && d.leg < s.toStop));
  let walkedWith: readonly (readonly Container[])[] = spans.map(() => firstGuess(use));
  let walks = spans.map((_, i) => walk(trip, use, daysOf[i], walkedWith[i]));
  let demands = walks.map(demandOfDaysG);
  let chosen = chooseLoadOuts(trip, use, spans, walks, demands, arrivedWith);
  for (let pass = 1; pass < LOADOUT_PASSES && use.fuel.kind === 'gas'; pass++) {
    const next = chosen.loadOuts.map((l) => l.containers);
    const same = next.map((c, i) => sameContainers(c, walkedWith[i]));
    if (same.every(Boolean)) break;
    walks = walks.map((w, i) => (same[i] ? w : walk(trip, use, daysOf[i], next[i])));
    walkedWith = next;
    // two load-outs may each ask for the other: from here on the larger demand counts, which comes to an end
    demands = walks.map((w, i) => (pass > 1 ? Math.max(demands[i], demandOfDaysG(w)) : demandOfDaysG(w)));
    chosen = chooseLoadOuts(trip, use, spans, walks, demands, arrivedWith);
  }
  const short = chosen.short && {
    stop: trip.stops[spans[chosen.short.stage].fromStop].name,
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

/** Containers after so much was burnt from them in their order. */
function drawnDown(containers: readonly Container[], burntG: number): Container[] {
  let left = burntG;
  return containers.map((c) => {
    const used = Math.min(c.fuelG, left);
    left -= used;
    return { ...c, fuelG: c.fuelG - used };
  });
}

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

/** Is this kit's flame forbidden there? Burners with a shut-off valve usually pass where open flames do not. */
export function isBanned({ burner }: KitInUse, restriction: DayConditions['restriction']): boolean {
  return restriction === 'noFlame' || (restriction === 'noOpenFlame' && !hasShutOff(burner));
}

/** Burns every hot meal in order, drawing canisters down one after another. Meals under a ban or eaten out are not cooked. */
function walk(trip: Trip, use: KitInUse, conditions: readonly DayConditions[], containers: readonly Container[]): PlanDay[] {
  const rack = canRack(containers);
  return conditions.map((day, i) => {
    const meals: PlanDay['meals'] = {};
    let fuelG = 0;
    let lit: PlannedMeal | undefined;
    for (const [name, meal] of cookedOn(trip, use, day)) {
      const airC = name === 'breakfast' ? day.breakfastAirC : day.supperAirC;
      const after = trip.oneLighting && SAME_LIGHTING.includes(name) ? lit?.burn : undefined;
      let burnt = burnMeal(use, meal, day, airC, rack.current(), after);
      // a can that would run dry is finished off first; the meal is judged by the fresh one that finishes it
      if (use.fuel.kind === 'gas' && burnt.burn.fuelG > rack.current().fuelLeftG)
        burnt = burnMeal(use, meal, day, airC, rack.next(), after);
      const inUse = use.fuel.kind === 'gas' ? rack.current() : undefined;
      const planned: PlannedMeal = { ...burnt, meal: name, day: day.day, ...(inUse ? { canFraction: inUse.fuelLeftG / inUse.netG } : {}) };
      meals[name] = planned;
      if (SAME_LIGHTING.includes(name) || name === 'supper') lit = planned.burn.outcome.kind === 'done' ? planned : undefined;
      rack.draw(burnt.burn.fuelG);
      fuelG += burnt.burn.fuelG;
    }
    return { ...day, meals, fuelG, carriedWaterMl: day.dry ? dryCampWaterMl(trip, day, conditions[i + 1]) : 0 };
  });
}

/** What is heated straight after the supper where one lighting serves for all. */
const SAME_LIGHTING: readonly MealName[] = ['drink', 'washUp'];

/** The dishes of a day that are hot and neither bought nor forbidden. */
function cookedOn(trip: Trip, use: KitInUse, day: DayConditions): [MealName, Meal][] {
  if (use.burner.family === 'none' || isBanned(use, day.restriction)) return [];
  return wantedOn(trip, day);
}

/** The dishes of a day that want heat, whether a flame is allowed or not. */
const wantedOn = (trip: Trip, day: DayConditions): [MealName, Meal][] =>
  MEALS.filter((name) => !isEatenOut(name, day.eatsOut))
    .map((name): [MealName, Meal] => [name, mealOn(trip, day.day, name, day.dishes)])
    .filter(([, meal]) => isHot(meal));

/** Cooking water for the evening of a dry camp and the breakfast after it, hot or cold, mL; a drink or wash-up only where there is one. */
function dryCampWaterMl(trip: Trip, day: DayConditions, next: DayConditions | undefined): number {
  const water = (name: MealName, on: DayConditions): number => {
    const meal = mealOn(trip, on.day, name, on.dishes);
    const made = name === 'supper' || name === 'breakfast' || isHot(meal);
    return made && !isEatenOut(name, on.eatsOut) ? meal.waterMl : 0;
  };
  return water('supper', day) + water('drink', day) + water('washUp', day) + (next ? water('breakfast', next) : 0);
}

/** The canisters of a load-out in order of use; past the last one a middle-sized spare stands in, so that a first guess may be too small. */
function canRack(containers: readonly Container[]) {
  const cans: Can[] = containers.flatMap((c) =>
    c.kind === 'canister' && c.fuelG > 0 ? [{ netG: c.netG, tareG: c.tareG, fuelLeftG: c.fuelG }] : [],
  );
  let at = 0;
  const can = (i: number): Can => (cans[i] ??= FRESH_CAN);
  return {
    current: () => can(at),
    next: () => can(at + 1),
    draw(g: number): void {
      const taken = Math.min(g, can(at).fuelLeftG);
      cans[at] = { ...can(at), fuelLeftG: can(at).fuelLeftG - taken };
      if (g > taken) {
        at++;
        this.draw(g - taken);
      }
    },
  };
}

function findProblems(trip: Trip, use: KitInUse, fromStop: number, toStop: number, days: readonly PlanDay[]): Problem[] {
  const problems: Problem[] = restrictionProblems(trip, use, days);
  const passed = trip.stops.slice(fromStop + 1, toStop).map((s) => s.name);
  if (passed.length) problems.push({ code: 'passesStops', names: passed });
  for (const name of MEALS) {
    const planned = days.flatMap((d) => d.meals[name] ?? []);
    const ending = <K extends string>(kind: K) => planned.filter((m) => m.burn.outcome.kind === kind);
    const daysOf = (list: readonly PlannedMeal[]): number[] => list.map((m) => m.day);
    const stalls = ending('stalls');
    const blown = ending('mayBlowOut');
    const dead = ending('wontRun');
    if (stalls.length) {
      const atC = Math.min(...stalls.map((m) => (m.burn.outcome.kind === 'stalls' ? m.burn.outcome.atC : 0)));
      problems.push({ code: 'stalls', meal: name, days: daysOf(stalls), atC, targetC: stalls[0].burn.targetC });
    }
    for (const m of blown.slice(0, 1))
      if (m.burn.outcome.kind === 'mayBlowOut') {
        const flameWindMps = Math.max(...blown.map((b) => b.facts.flameWindMps));
        problems.push({ code: 'mayBlowOut', meal: name, days: daysOf(blown), flameWindMps, limitMps: m.burn.outcome.limitMps });
      }
    if (dead.length) problems.push({ code: 'wontRun', meal: name, days: daysOf(dead), airC: Math.max(...dead.map((m) => m.facts.airC)) });
    const capped = planned.filter((m) => m.facts.target.kind === 'stopAt' && m.burn.boilC < m.facts.target.targetC);
    const target = capped[0]?.facts.target;
    if (target?.kind === 'stopAt')
      problems.push({
        code: 'boilsFirst',
        meal: name,
        onDays: daysOf(capped),
        targetC: target.targetC,
        boilC: Math.min(...capped.map((m) => m.burn.boilC)),
      });
  }
  const held = heldSetting(trip.kit, use.burner);
  if (hasValve(use.burner) && held > trip.kit.flameSetting) problems.push({ code: 'flameRaised', setting: held });
  return problems;
}

/** Days on which a ban leaves hot meals cold, and days whose rules nobody has looked up. */
function restrictionProblems(trip: Trip, use: KitInUse, days: readonly PlanDay[]): Problem[] {
  if (use.burner.family === 'none') return [];
  const cooking = days.filter((d) => wantedOn(trip, d).length > 0);
  const list: Problem[] = [];
  for (const restriction of ['noFlame', 'noOpenFlame'] as const) {
    const onDays = cooking.filter((d) => d.restriction === restriction && isBanned(use, restriction)).map((d) => d.day);
    if (onDays.length) list.push({ code: 'banned', onDays, restriction });
  }
  const unknown = cooking.filter((d) => d.restriction === 'unknown').map((d) => d.day);
  if (unknown.length) list.push({ code: 'unknownRestriction', onDays: unknown });
  return list;
}

/** Hot meals wanted on the trip that stay cold: forbidden, without a burner, or beyond what the burn can do. */
export function missedMeals(trip: Trip, plan: Pick<Plan, 'days'>): number {
  return hotMealsWanted(trip, plan) - doneMeals(plan);
}

/** Hot meals that their burns finish. */
export const doneMeals = (plan: Pick<Plan, 'days'>): number =>
  plan.days.reduce((n, d) => n + MEALS.filter((m) => d.meals[m]?.burn.outcome.kind === 'done').length, 0);

/** Dishes of the trip that want heat and are not bought. */
export const hotMealsWanted = (trip: Trip, plan: Pick<Plan, 'days'>): number => plan.days.reduce((n, d) => n + wantedOn(trip, d).length, 0);

/** Hot meals that no burn could finish. */
export function unfinishedMeals(plan: Pick<Plan, 'days'>): number {
  return plan.days.reduce((n, d) => n + MEALS.filter((m) => d.meals[m] && d.meals[m].burn.outcome.kind !== 'done').length, 0);
}
