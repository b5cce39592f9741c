import { isDone } from '../burn';
import { CANISTER_SIZES, fuelOfG, type Container, type NoPlan } from '../carry';
import type { Trip } from '../model';
import type { Supply } from '../trail';
import { tryBurn } from './burn-facts';
import { cookDays, doneMeals, type PlanDay } from './cook-days';
import type { DayConditions } from './day-conditions';
import type { KitInUse } from './kit-in-use';
import type { CarryNeed, LoadOut } from './load-outs/choosing';
import { loadOutsOf, type TripLoadOuts } from './load-outs/load-outs';

/** A stretch between two stops that can fill up. */
export interface Span {
  fromStop: number;
  toStop: number;
  supply: Supply;
}

/** How far a plan has come: days cooked in this round; a further round follows where the cans chosen burn otherwise. */
export interface PlanProgress {
  round: number;
  day: number;
  ofDays: number;
}

/** What is to be planned: carries of one kit, one after another. */
export interface CarryJob {
  trip: Trip;
  use: KitInUse;
  spans: readonly Span[];
  conditions: readonly DayConditions[];
  /** Held on coming to the first stop. */
  arrivedWith: readonly Container[];
  report: (p: PlanProgress) => void;
}

/** A carry cooked with the very containers that leave its stop. */
export interface SettledCarry {
  days: PlanDay[];
  demandG: number;
  loadOut: LoadOut;
  arrivedWith: readonly Container[];
}
export interface SettledCarries {
  carries: SettledCarry[];
  exact: boolean;
  pinCost?: TripLoadOuts['pinCost'];
  short?: NoPlan;
}

/** Rounds after which what is chosen is kept, the demand of every round before it counted. */
const MOST_ROUNDS = 12;
/** Two demands, or two fills of a can, this close are the same, g. */
const SAME_G = 1;
/** The same can to the last digit that counts, g. */
const EXACT_G = 1e-6;
/** Larger sets of cans that are tried where a meal finds no pressure. */
const LARGER_SETS = 2;

/**
 * The can decides the flame and the flame decides the cans: every carry is cooked with the containers chosen for it, and chosen for again,
 * until what is shown is what was cooked with and holds what it burns. Only gas needs more than one round. Where a meal finds too
 * little pressure that a fuller can would have, larger sets are tried, and the first that cooks more meals is taken.
 */
export function settleCarries(job: CarryJob): SettledCarries {
  const none = job.spans.map(() => 0);
  let best = settle(job, none);
  if (job.use.fuel.kind !== 'gas') return best;
  const asked = 1 + job.trip.reservePercent / 100;
  const leastG = [...none];
  job.spans.forEach((span, i) => {
    if (job.trip.stops[span.fromStop].pinned || !wantsFullerCan(job.use, best.carries[i].days)) return;
    let least = leastG;
    for (let tries = 0, now = best; tries < LARGER_SETS; tries++) {
      const fuelG = fuelOfG(now.carries[i].loadOut.containers);
      least = least.map((g, j) => (j === i ? (fuelG + SAME_G) / asked : g));
      now = settle(job, least);
      if (mealsDone(now) > mealsDone(best)) {
        best = now;
        leastG[i] = least[i];
        if (!wantsFullerCan(job.use, best.carries[i].days)) return;
      }
    }
  });
  return best;
}

const mealsDone = ({ carries }: SettledCarries): number => doneMeals({ days: carries.flatMap((c) => c.days) });

/** Does a meal fail that a full can of the largest size would cook? */
function wantsFullerCan(use: KitInUse, days: readonly PlanDay[]): boolean {
  const largest = CANISTER_SIZES[CANISTER_SIZES.length - 1];
  const full = { ...largest, fuelLeftG: largest.netG };
  return days.some((d) => Object.values(d.meals).some((m) => m.edge && isDone(tryBurn(use, m.facts, full))));
}

/** A carry cooked with some containers, perhaps not those chosen in the end. */
interface Walk {
  with: readonly Container[];
  days: PlanDay[];
  demandG: number;
  left: readonly Container[];
}

/** Chooses and cooks in turn; at least `leastG` is asked for on each carry. */
function settle(job: CarryJob, leastG: readonly number[]): SettledCarries {
  let walks = job.spans.map((_, i) => walk(job, i, firstGuess(job.use), 1));
  let askedG = leastG;
  for (let round = 2; ; round++) {
    const demandsG = walks.map((w, i) => Math.max(askedG[i], w.demandG));
    const followed = follow(job, walks, demandsG, round);
    const isSettled =
      followed.asReckoned &&
      followed.walks.every((w, i) => w.demandG <= demandsG[i] + EXACT_G && (round > 2 || isNear(w.demandG, demandsG[i])));
    if (isSettled || round > MOST_ROUNDS) return followed.settled;
    // two load-outs may each ask for the other: from the second choice on the larger demand counts, which comes to an end
    if (round > 2) askedG = followed.walks.map((w, i) => Math.max(askedG[i], w.demandG, demandsG[i]));
    walks = followed.walks;
  }
}

const isNear = (aG: number, bG: number): boolean => Math.abs(aG - bG) < SAME_G;

interface Followed {
  walks: Walk[];
  settled: SettledCarries;
  /** Every carry left what the choice reckoned with. */
  asReckoned: boolean;
}

/**
 * Goes along the carries with load-outs for these demands. Each comes to its stop with what the one before really left; where that is not
 * what was reckoned with, the rest of the way is chosen anew from there, once the demands are no mere guess.
 */
function follow(job: CarryJob, walks: readonly Walk[], demandsG: readonly number[], round: number): Followed {
  const needs = job.spans.map((s, i): CarryNeed => ({
    stop: job.trip.stops[s.fromStop],
    supply: s.supply,
    days: walks[i].days,
    burntG: walks[i].days.map((d) => d.fuelG),
    demandG: demandsG[i],
  }));
  const isGas = job.use.fuel.kind === 'gas';
  const first = loadOutsOf(job.trip, job.use, needs, job.arrivedWith);
  let choice = { from: 0, ...first };
  let { exact } = first;
  let asReckoned = true;
  let held = job.arrivedWith;
  let reckoned = job.arrivedWith;
  const carries: SettledCarry[] = [];
  const now = walks.map((before, i): Walk => {
    const chosen = choice.loadOuts[i - choice.from];
    const loadOut = { ...chosen, containers: asHeld(chosen.containers, reckoned, held), left: asHeld(chosen.left, reckoned, held) };
    const same = !isGas || sameContainers(loadOut.containers, before.with);
    const cooked = same ? before : walk(job, i, loadOut.containers, round);
    const after = isGas ? cooked.left : chosen.after;
    carries.push({ days: cooked.days, demandG: cooked.demandG, loadOut: { ...loadOut, after: [...after] }, arrivedWith: held });
    held = after;
    reckoned = chosen.after;
    const isLast = i === walks.length - 1;
    if (isLast || held.every((c, j) => isNear(c.fuelG, reckoned[j].fuelG))) return cooked;
    if (round === 2) {
      asReckoned = false;
      return cooked;
    }
    choice = { from: i + 1, ...loadOutsOf(job.trip, job.use, needs, held, i + 1) };
    exact &&= choice.exact;
    reckoned = held;
    return cooked;
  });
  const { pinCost, short } = first;
  return { walks: now, asReckoned, settled: { carries, exact, ...(pinCost ? { pinCost } : {}), ...(short ? { short } : {}) } };
}

function walk({ trip, use, spans, conditions, report }: CarryJob, i: number, containers: readonly Container[], round: number): Walk {
  const own = conditions.filter((d) => d.leg >= spans[i].fromStop && d.leg < spans[i].toStop);
  const { days, left } = cookDays(trip, use, own, containers);
  report({ round, day: days[days.length - 1].day, ofDays: conditions.length });
  return { with: containers, days, left, demandG: days.reduce((sum, d) => sum + d.fuelG, 0) };
}

function firstGuess(use: KitInUse): Container[] {
  const middle = CANISTER_SIZES[1];
  return use.fuel.kind === 'gas' ? [{ kind: 'canister', ...middle, fuelG: middle.netG }] : [];
}

/** Containers as they really came to the stop where something else was reckoned with; what is bought there is as it is. */
function asHeld(chosen: readonly Container[], reckoned: readonly Container[], held: readonly Container[]): Container[] {
  const open = reckoned.map((_, i) => i);
  return chosen.map((c) => {
    const at = open.findIndex((i) => sameCan(reckoned[i], c));
    return at < 0 ? c : held[open.splice(at, 1)[0]];
  });
}

const sameCan = (a: Container, b: Container): boolean => a.kind === b.kind && a.tareG === b.tareG && Math.abs(a.fuelG - b.fuelG) < EXACT_G;
const sameContainers = (a: readonly Container[], b: readonly Container[]): boolean =>
  a.length === b.length && a.every((c, i) => sameCan(c, b[i]));
