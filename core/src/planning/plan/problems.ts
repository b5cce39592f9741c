import { isCooked, type Edge, type PlanDay, type PlannedMeal, type Problem } from '../planned';
import { hasValve } from '../../domain/catalogue';
import { MEALS, type MealName, type Trip } from '../../domain/model';
import { isBanned, wantedOn } from './cook-days';
import { hardestEdge } from './edge';
import { heldSetting, type KitInUse } from './kit-in-use';

/** All problems on a carry-out. */
export function findProblems(trip: Trip, use: KitInUse, fromStop: number, toStop: number, days: readonly PlanDay[]): Problem[] {
  const problems: Problem[] = restrictionProblems(trip, use, days);
  const passed = trip.stops.slice(fromStop + 1, toStop).map((s) => s.name);
  if (passed.length) problems.push({ code: 'passesStops', names: passed });
  const odd = days.flatMap((d) => Object.values(d.meals)).filter((m) => !isPlain(m));
  for (const meal of MEALS) {
    const planned = odd.filter((m) => m.meal === meal);
    problems.push(...MEAL_CHECKS.flatMap((check) => (planned.length ? (check(meal, planned, use) ?? []) : [])));
  }
  const held = heldSetting(trip.kit, use.burner);
  if (hasValve(use.burner) && held > trip.kit.flameSetting) problems.push({ code: 'flameRaised', setting: held });
  return problems;
}

/** Checks one meal of the day over all days with something to say; undefined if there is no such problem. */
type MealCheck = (meal: MealName, planned: readonly PlannedMeal[], use: KitInUse) => Problem | undefined;

const daysIn = (list: readonly PlannedMeal[]): number[] => list.map((m) => m.day);

type Ending = PlannedMeal['burn']['outcome'];
/** Meals whose burn ends so, each with its end. */
const ending = <K extends Ending['kind']>(
  planned: readonly PlannedMeal[],
  kind: K,
): { meal: PlannedMeal; end: Extract<Ending, { kind: K }> }[] =>
  planned.flatMap((meal) => {
    const { outcome } = meal.burn;
    return outcome.kind === kind ? [{ meal, end: outcome as Extract<Ending, { kind: K }> }] : [];
  });

const stalls: MealCheck = (meal, planned) => {
  const found = ending(planned, 'stalls');
  if (!found.length) return undefined;
  const meals = found.map((f) => f.meal);
  const atC = Math.min(...found.map((f) => f.end.atC));
  return { code: 'stalls', meal, days: daysIn(meals), edge: edgeOf(meals), atC, targetC: meals[0]!.burn.targetC };
};

const mayBlowOut: MealCheck = (meal, planned) => {
  const found = ending(planned, 'mayBlowOut');
  if (!found.length) return undefined;
  const meals = found.map((f) => f.meal);
  const flameWindMps = Math.max(...meals.map((m) => m.facts.flameWindMps));
  return { code: 'mayBlowOut', meal, days: daysIn(meals), edge: edgeOf(meals), flameWindMps, limitMps: found[0]!.end.limitMps };
};

const wontRun: MealCheck = (meal, planned) => {
  const meals = ending(planned, 'wontRun').map((f) => f.meal);
  if (!meals.length) return undefined;
  return { code: 'wontRun', meal, days: daysIn(meals), edge: edgeOf(meals), airC: Math.max(...meals.map((m) => m.facts.airC)) };
};

const refill: MealCheck = (meal, planned, { burner }) => {
  const refilled = planned.filter((m) => m.wantsRefill);
  if (!refilled.length || !('capacityMl' in burner)) return undefined;
  return { code: 'refill', meal, onDays: daysIn(refilled), holdsMl: burner.capacityMl };
};

const capped: MealCheck = (meal, planned) => {
  const meals = planned.filter(boilsFirst);
  const target = meals[0]?.facts.target;
  if (target?.kind !== 'stopAt') return undefined;
  const boilC = Math.min(...meals.map((m) => m.burn.boilC));
  return { code: 'boilsFirst', meal, onDays: daysIn(meals), targetC: target.targetC, boilC };
};

const MEAL_CHECKS: readonly MealCheck[] = [stalls, mayBlowOut, wontRun, refill, capped];

/** Water boils before it is as hot as is asked for. */
const boilsFirst = ({ facts: { target }, burn }: PlannedMeal): boolean => target.kind === 'stopAt' && burn.boilC < target.targetC;

/** No problem: true for most meals, and checked for all of them on every edit. */
const isPlain = (m: PlannedMeal): boolean => isCooked(m) && !m.wantsRefill && !boilsFirst(m);

/** What would let all of some failing meals be cooked. */
const edgeOf = (meals: readonly PlannedMeal[]): Edge => hardestEdge(meals.flatMap((m) => m.edge ?? [])) ?? { code: 'none' };

/** Days on which a ban leaves hot meals cold, and days whose rules nobody has looked up. */
function restrictionProblems(trip: Trip, use: KitInUse, days: readonly PlanDay[]): Problem[] {
  if (use.burner.family === 'none') return [];
  const cooking = days.filter((d) => d.restriction !== 'none' && wantedOn(trip, d).length > 0);
  const list: Problem[] = [];
  for (const restriction of ['noFlame', 'noOpenFlame'] as const) {
    const onDays = cooking.filter((d) => d.restriction === restriction && isBanned(use, restriction)).map((d) => d.day);
    if (onDays.length) list.push({ code: 'banned', onDays, restriction });
  }
  const unknown = cooking.filter((d) => d.restriction === 'unknown').map((d) => d.day);
  if (unknown.length) list.push({ code: 'unknownRestriction', onDays: unknown });
  return list;
}
