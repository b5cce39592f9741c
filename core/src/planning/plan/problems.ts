import { isCooked, type Edge, type PlanDay, type PlannedMeal, type Problem } from '../planned';
import { hasValve } from '../../domain/catalogue';
import { MEALS, type Trip } from '../../domain/model';
import { isBanned, wantedOn } from './cook-days';
import { hardestEdge } from './edge';
import { heldSetting, type KitInUse } from './kit-in-use';

/** Everything that stands in the way on a carry between two stops. */
export function findProblems(trip: Trip, use: KitInUse, fromStop: number, toStop: number, days: readonly PlanDay[]): Problem[] {
  const problems: Problem[] = restrictionProblems(trip, use, days);
  const passed = trip.stops.slice(fromStop + 1, toStop).map((s) => s.name);
  if (passed.length) problems.push({ code: 'passesStops', names: passed });
  const odd = days.flatMap((d) => Object.values(d.meals)).filter((m) => !isPlain(m));
  for (const name of MEALS) {
    const planned = odd.filter((m) => m.meal === name);
    if (!planned.length) continue;
    const ending = <K extends string>(kind: K) => planned.filter((m) => m.burn.outcome.kind === kind);
    const daysOf = (list: readonly PlannedMeal[]): number[] => list.map((m) => m.day);
    const stalls = ending('stalls');
    const blown = ending('mayBlowOut');
    const dead = ending('wontRun');
    if (stalls.length) {
      const atC = Math.min(...stalls.map((m) => (m.burn.outcome.kind === 'stalls' ? m.burn.outcome.atC : 0)));
      problems.push({ code: 'stalls', meal: name, days: daysOf(stalls), edge: edgeOf(stalls), atC, targetC: stalls[0].burn.targetC });
    }
    for (const m of blown.slice(0, 1))
      if (m.burn.outcome.kind === 'mayBlowOut') {
        const flameWindMps = Math.max(...blown.map((b) => b.facts.flameWindMps));
        problems.push({
          code: 'mayBlowOut',
          meal: name,
          days: daysOf(blown),
          edge: edgeOf(blown),
          flameWindMps,
          limitMps: m.burn.outcome.limitMps,
        });
      }
    if (dead.length)
      problems.push({
        code: 'wontRun',
        meal: name,
        days: daysOf(dead),
        edge: edgeOf(dead),
        airC: Math.max(...dead.map((m) => m.facts.airC)),
      });
    const refilled = planned.filter((m) => m.wantsRefill);
    if (refilled.length && 'capacityMl' in use.burner)
      problems.push({ code: 'refill', meal: name, onDays: daysOf(refilled), holdsMl: use.burner.capacityMl });
    const capped = planned.filter(boilsFirst);
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

/** Water boils before it is as hot as is asked for. */
const boilsFirst = ({ facts: { target }, burn }: PlannedMeal): boolean => target.kind === 'stopAt' && burn.boilC < target.targetC;

/** Nothing to be said of it: most meals are so, and an edit asks about all of them. */
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
