import { MEALS, type MealName, type Trip } from '../archive/trip-schema';
import { chooseContainers, fuelOfG, tareOfG, type Container } from '../carry/containers';
import { CANISTER_SIZES } from '../carry/packages';
import { hasValve } from '../catalogue/burners';
import { carryProfile, type CarryProfile } from '../carry/profile';
import type { Can } from '../canister/thermal';
import { cautions, type Caution } from './cautions';
import { dayConditions, type DayConditions } from './day-conditions';
import { burnMeal, heldSetting, kitInUse, type KitInUse, type MealBurn } from './meal-burn';

/** Everything a screen shows about a trip, derived from the trip alone. */
export interface Plan {
  days: PlanDay[];
  /** Expected demand of the leg, g; meals that cannot be cooked are not in it. */
  demandG: number;
  /** Wood to gather along the way, g; it is never carried. */
  gatheredG: number;
  /** Fuel asked for above demand, g. */
  reserveG: number;
  containers: readonly Container[];
  /** Fuel leaving the stop and weight of the empty containers, g. */
  fuelG: number;
  tareG: number;
  /** Pieces of the kit without fuel and its containers, g. */
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
  | { code: 'flameRaised'; setting: number };

const LOADOUT_PASSES = 5;

/**
 * The only door of the core: a valid trip in, its plan out. Pure; the same trip gives the same plan.
 * `guess` is a load-out likely to fit: it saves a pass and changes nothing else.
 */
export function planTrip(trip: Trip, guess?: readonly Container[]): Plan {
  const use = kitInUse(trip.kit);
  const conditions = dayConditions(trip);
  // The can decides the flame and the flame decides the cans: walk the leg with a load-out until it covers its own demand.
  let containers: readonly Container[] = guess ?? firstGuess(use);
  let days: PlanDay[] = [];
  let demandG = 0;
  for (let pass = 0; pass < LOADOUT_PASSES; pass++) {
    days = walkLeg(trip, use, conditions, containers);
    demandG = days.reduce((sum, d) => sum + d.fuelG, 0);
    const needG = demandG * (1 + trip.reservePercent / 100);
    const next = chooseContainers(use.fuel, needG, trip.kit.measureMl);
    const settled = sameContainers(next, containers);
    containers = next;
    if (settled || use.fuel.kind !== 'gas') break;
  }
  const gathered = use.fuel.kind === 'wood';
  const hardwareG = hardwareMassG(trip);
  const fuelG = fuelOfG(containers);
  const tareG = tareOfG(containers);
  return {
    days,
    demandG: gathered ? 0 : demandG,
    gatheredG: gathered ? demandG : 0,
    reserveG: gathered ? 0 : (demandG * trip.reservePercent) / 100,
    containers,
    fuelG,
    tareG,
    hardwareG,
    profile: carryProfile(
      hardwareG,
      tareG,
      fuelG,
      days.map((d) => (gathered ? 0 : d.fuelG)),
    ),
    problems: findProblems(trip, use, days),
    cautions: cautions(trip, days),
  };
}

/** Kit without fuel and containers, g; the lid counts when it is used. */
export function hardwareMassG({ kit }: Trip): number {
  return kit.burnerMassG + kit.pot.massG + (kit.lidOn ? kit.pot.lidMassG : 0) + kit.windscreenMassG + kit.otherMassG;
}

function firstGuess(use: KitInUse): Container[] {
  const middle = CANISTER_SIZES[1];
  return use.fuel.kind === 'gas' ? [{ kind: 'canister', ...middle, fuelG: middle.netG }] : [];
}

function sameContainers(a: readonly Container[], b: readonly Container[]): boolean {
  return a.length === b.length && a.every((c, i) => c.fuelG === b[i].fuelG && c.tareG === b[i].tareG);
}

/** Burns every hot meal in order, drawing canisters down one after another. */
function walkLeg(trip: Trip, use: KitInUse, conditions: readonly DayConditions[], containers: readonly Container[]): PlanDay[] {
  const rack = canRack(containers);
  return conditions.map((day) => {
    const meals: PlanDay['meals'] = {};
    let fuelG = 0;
    for (const name of MEALS) {
      const meal = trip.menu[name];
      if (!meal.hot || use.burner.family === 'none') continue;
      const airC = name === 'breakfast' ? day.breakfastAirC : day.supperAirC;
      let burnt = burnMeal(use, meal, day, airC, rack.current());
      // a can that would run dry is finished off first; the meal is judged by the fresh one that finishes it
      if (use.fuel.kind === 'gas' && burnt.burn.fuelG > rack.current().fuelLeftG) burnt = burnMeal(use, meal, day, airC, rack.next());
      const inUse = use.fuel.kind === 'gas' ? rack.current() : undefined;
      meals[name] = { ...burnt, meal: name, day: day.day, ...(inUse ? { canFraction: inUse.fuelLeftG / inUse.netG } : {}) };
      rack.draw(burnt.burn.fuelG);
      fuelG += burnt.burn.fuelG;
    }
    return { ...day, meals, fuelG };
  });
}

/** The canisters of a load-out in order of use; past the last one a middle-sized spare stands in, so that a first guess may be too small. */
function canRack(containers: readonly Container[]) {
  const spare = (): Can => ({ ...CANISTER_SIZES[1], fuelLeftG: CANISTER_SIZES[1].netG });
  const cans: Can[] = containers.flatMap((c) => (c.kind === 'canister' ? [{ netG: c.netG, tareG: c.tareG, fuelLeftG: c.fuelG }] : []));
  let at = 0;
  const can = (i: number): Can => (cans[i] ??= spare());
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

function findProblems(trip: Trip, use: KitInUse, days: readonly PlanDay[]): Problem[] {
  const problems: Problem[] = [];
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
    const { target } = trip.menu[name];
    const capped = target.kind === 'stopAt' ? planned.filter((m) => m.burn.boilC < target.targetC) : [];
    if (target.kind === 'stopAt' && capped.length)
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

/** Hot meals that no burn could finish. */
export function unfinishedMeals(plan: Pick<Plan, 'days'>): number {
  return plan.days.reduce((n, d) => n + MEALS.filter((m) => d.meals[m] && d.meals[m].burn.outcome.kind !== 'done').length, 0);
}
