import { isDone } from '../burn';
import { CANISTER_SIZES, fullCan, fuelOfG, type CanSize, type Container, type NoPlan } from '../carry';
import type { OwnContainer, Trip } from '../model';
import { meanOf } from '../numeric';
import type { Supply } from '../trail';
import { tryBurn } from './burn-facts';
import { canIn, cansIn, type CansNow } from './can-rack';
import { burntOnDayG, cookDays } from './cook-days';
import { doneMeals, type DayConditions, type PlanDay } from '../planned';

import type { KitInUse } from './kit-in-use';
import type { CarryNeed, LoadOut, OnHand } from './load-outs/choosing';
import { loadOutsOf, measuredG, withReserve, type TripLoadOuts } from './load-outs/load-outs';
import { homeAfter } from './load-outs/own-containers';

/** A stretch between two stops that can fill up. */
export interface Span {
  fromStop: number;
  toStop: number;
  supply: Supply;
}

/** How far a plan has come: days cooked in this round, the first of which is a guess; a further round follows where the cans chosen burn otherwise. */
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
  /** Of the walker's own, what may be taken along on these carries. */
  home: readonly OwnContainer[];
  report: (p: PlanProgress) => void;
}

/** A carry cooked with the very containers that leave its stop. */
export interface SettledCarry {
  days: PlanDay[];
  demandG: number;
  loadOut: LoadOut;
  arrivedWith: readonly Container[];
  /** What of the walker's own could have been taken along from here on. */
  home: readonly OwnContainer[];
}
export interface SettledCarries {
  carries: SettledCarry[];
  exact: boolean;
  pinCost?: TripLoadOuts['pinCost'];
  short?: NoPlan;
}

/** Times a carry is chosen for anew because its load-out burns more than was asked for; then it is kept. */
const MOST_CHOICES = 10;
/** So much more than a set of cans holds asks for a larger one, g. */
const MORE_G = 1;
/** The same can to the last digit that counts, g. */
const EXACT_G = 1e-6;
/** What comes to a stop is as it was reckoned with, g: no choice turns on less. */
const STRAY_G = 10;
/** So much of what is guessed is burnt at least. */
const SURELY = 0.98;
/** Larger sets of cans that are tried where a meal finds no pressure. */
const LARGER_SETS = 2;
/** Trips of so many carries are chosen for as a whole; on longer ones so many ahead are looked at, of which half are gone before the next look. */
const WHOLE_WAY = 16;
const CARRIES_AHEAD = 8;
const isWhole = ({ spans }: CarryJob): boolean => spans.length <= WHOLE_WAY;

/**
 * The can decides the flame and the flame decides the cans: every carry is cooked with the containers chosen for it, and chosen for again,
 * until what is shown is what was cooked with and holds what it burns. Only gas needs more than one round.
 */
export function settleCarries(job: CarryJob): SettledCarries {
  if (job.use.fuel.kind !== 'gas') return onAnyContainers(job);
  const guessed = job.spans.map((_, i) => guessedNeed(job, i));
  if (isWhole(job)) return onWholeWay(job, guessed);
  const loose = goAlong(job, guessed, { round: 2, isLoose: true });
  return goAlong(job, loose.asked, { round: 3, enlarges: true }, loose.walks).settled;
}

/**
 * The guess is low, so that the lightest that may do is tried first: what turns out to burn more is chosen for again on the way. Where what came
 * of it is not what would be chosen for what was really burnt, that is tried too.
 */
function onWholeWay(job: CarryJob, guessed: readonly CarryNeed[]): SettledCarries {
  let round = 1;
  const first = goAlong(job, guessed, { round: ++round, enlarges: true });
  const again = (before: Along, enlarges: boolean): Along =>
    betterOf(job, goAlong(job, before.asked, { round: ++round, enlarges }, before.walks), before);
  const firm = confirmed(job, first) ?? again(first, true);
  // where a larger set cooks more, what is provided for after it may ask for less
  return (firm.isEnlarged ? again(firm, false) : firm).settled;
}

/** The same, where a choice for what was really burnt has the same bought, taken along and left at every stop: it has the last word on what that costs. */
function confirmed(job: CarryJob, along: Along): Along | undefined {
  const { carries } = along.settled;
  const known = carries.map((c) => c.loadOut);
  const { loadOuts, exact, pinCost, short } = choose(job, along.asked, 0, { held: job.arrivedWith, home: job.home }, {}, known);
  const isSame = carries.every(({ loadOut }, i) =>
    (['bought', 'taken', 'left'] as const).every((part) => tellsOf(loadOut[part]) === tellsOf(loadOuts[i][part])),
  );
  return isSame ? { ...along, settled: settled(carries, { exact, pinCost, short }) } : undefined;
}

/** The one with more meals cooked, or with as many for less by the walker's measure; else the second. */
function betterOf({ trip }: CarryJob, a: Along, b: Along): Along {
  const done = ({ settled: { carries } }: Along): number => doneMeals({ days: carries.flatMap((c) => c.days) });
  const carriedG = ({ asked, settled: { carries } }: Along): number =>
    measuredG(
      trip,
      asked,
      carries.map((c) => c.loadOut),
    );
  const more = done(a) - done(b);
  return more > 0 || (more === 0 && carriedG(a) < carriedG(b) - EXACT_G) ? a : b;
}

/** How the way is gone along. */
interface Way {
  /** By its number, as it is told: the guess is the first. */
  round: number;
  /** The demands are a guess: what a load-out really burns is only looked at. */
  isLoose?: boolean;
  /** Larger sets of cans are tried where a meal finds no pressure. */
  enlarges?: boolean;
}

/** A carry cooked with some containers, perhaps not those chosen in the end. */
interface Walk {
  with: readonly Container[];
  days: PlanDay[];
  demandG: number;
  left: readonly Container[];
}

const daysOf = ({ spans, conditions }: CarryJob, i: number): DayConditions[] =>
  conditions.filter((d) => d.leg >= spans[i].fromStop && d.leg < spans[i].toStop);

function walk(job: CarryJob, i: number, containers: readonly Container[], { round }: Pick<Way, 'round'>): Walk {
  const { days, left } = cookDays(job.trip, job.use, daysOf(job, i), containers);
  job.report({ round, day: days[days.length - 1].day, ofDays: job.conditions.length });
  return { with: containers, days, left, demandG: days.reduce((sum, d) => sum + d.fuelG, 0) };
}

/** The carry as it was cooked before where its containers are the same, else cooked with these. */
const cookedOn = (job: CarryJob, i: number, containers: readonly Container[], before: Walk | undefined, way: Way): Walk =>
  before && sameContainers(containers, before.with) ? before : walk(job, i, containers, way);

const needOf = ({ trip, spans }: CarryJob, i: number, days: readonly DayConditions[], burntG: readonly number[]): CarryNeed => ({
  stop: trip.stops[spans[i].fromStop],
  supply: spans[i].supply,
  days,
  burntG,
  demandG: burntG.reduce((sum, g) => sum + g, 0),
});

const burntOn = (days: readonly PlanDay[]): number[] => days.map((d) => d.fuelG);

/**
 * A guess at what a carry asks for, each day cooked by itself. A weak can is thrifty: half of a small one guesses low. On long trips, whose way
 * is gone along twice anyway, the first and the last day stand for all, on a can as it is on the way.
 */
function guessedNeed(job: CarryJob, i: number): CarryNeed {
  const own = daysOf(job, i);
  const days = isWhole(job) ? own : [...new Set([own[0], own[own.length - 1]])];
  const can = isWhole(job) ? THRIFTY_CAN : CAN_ON_THE_WAY;
  const burntG = days.map((d) => burntOnDayG(job.trip, job.use, d, can));
  job.report({ round: 1, day: own[own.length - 1].day, ofDays: job.conditions.length });
  return needOf(job, i, own, isWhole(job) ? burntG : own.map(() => meanOf(burntG)));
}
const usedCan = (size: CanSize, share: number): CansNow => cansIn([{ ...fullCan(size), fuelG: share * size.netG }]);
const THRIFTY_CAN = usedCan(CANISTER_SIZES[0], 0.5);
const CAN_ON_THE_WAY = usedCan(CANISTER_SIZES[1], 0.75);

/** What no can feeds burns the same out of whatever it is carried in. */
function onAnyContainers(job: CarryJob): SettledCarries {
  const walks = job.spans.map((_, i) => walk(job, i, [], { round: 1 }));
  const needs = walks.map(({ days }, i) => needOf(job, i, days, burntOn(days)));
  const chosen = loadOutsOf(job.trip, job.use, needs, { held: job.arrivedWith, home: job.home });
  const choice: Choice = { ...chosen, from: 0, arrivedWith: job.arrivedWith };
  let { home } = job;
  const carries = walks.map(({ days, demandG }, i): SettledCarry => {
    const carry = { days, demandG, loadOut: choice.loadOuts[i], arrivedWith: reckonedAt(choice, i), home };
    home = homeAfter(home, carry.loadOut.taken);
    return carry;
  });
  return settled(carries, choice);
}

const settled = (carries: SettledCarry[], { exact, pinCost, short }: Omit<SettledCarries, 'carries'>): SettledCarries => ({
  carries,
  exact,
  ...(pinCost ? { pinCost } : {}),
  ...(short ? { short } : {}),
});

/** Load-outs for the carries from `from` on, and what they reckon with. */
interface Choice extends TripLoadOuts {
  from: number;
  arrivedWith: readonly Container[];
}

/** Cans chosen for the rest of the way, or as far ahead as it has a bearing on now; for a guess a narrow search will do. */
function choose(
  job: CarryJob,
  needs: readonly CarryNeed[],
  from: number,
  onHand: OnHand,
  { isLoose }: Pick<Way, 'isLoose'>,
  known?: readonly LoadOut[],
): Choice {
  const toTheEnd = isWhole(job) || needs.some((n) => n.stop.pinned);
  const ahead = toTheEnd ? (isLoose ? needs.length : undefined) : CARRIES_AHEAD;
  return { ...loadOutsOf(job.trip, job.use, needs, onHand, from, ahead, known), from, arrivedWith: onHand.held };
}

/** What a choice reckons to come to a stop with. */
const reckonedAt = ({ from, arrivedWith, loadOuts }: Choice, i: number): readonly Container[] =>
  i === from ? arrivedWith : loadOuts[i - from - 1].after;

interface Along {
  settled: SettledCarries;
  walks: Walk[];
  /** What to ask for at each stop, by what was burnt on the way. */
  asked: CarryNeed[];
  /** Larger sets of cans were taken than the fuel asks for. */
  isEnlarged: boolean;
}

/**
 * Goes along the carries. Each comes to its stop with what the one before really left; where that is not what was reckoned with, or a
 * load-out burns more than was asked for, the rest of the way is chosen anew from there.
 */
function goAlong(job: CarryJob, reckonedNeeds: readonly CarryNeed[], way: Way, before: readonly Walk[] = []): Along {
  let needs = reckonedNeeds;
  let { home } = job;
  let choice = choose(job, needs, 0, { held: job.arrivedWith, home }, way);
  let { exact, short } = choice;
  const { pinCost } = choice;
  let held = job.arrivedWith;
  let isEnlarged = false;
  const walks: Walk[] = [];
  const asked: CarryNeed[] = [];
  const carries = job.spans.map((_, i): SettledCarry => {
    const usual = leave(job, { i, way, before: before[i], needs, choice, held, home });
    const leaving = way.enlarges ? fullest(job, usual) : usual;
    ({ needs, choice } = leaving);
    exact &&= choice.exact;
    short ??= choice.short && { ...choice.short, stage: choice.short.stage + choice.from };
    const { days, demandG, left } = leaving.walk;
    isEnlarged ||= leaving !== usual;
    walks.push(leaving.walk);
    // what another set of cans burnt more was asked for: it is again, lest that set be chosen once more
    const wasRaised = needs[i].demandG > reckonedNeeds[i].demandG;
    asked.push({ ...needs[i], burntG: burntOn(days), demandG: wasRaised ? Math.max(demandG, needs[i].demandG) : demandG });
    const carry = { days, demandG, loadOut: { ...leaving.loadOut, after: [...left] }, arrivedWith: held, home };
    held = left;
    home = homeAfter(home, carry.loadOut.taken);
    return carry;
  });
  return { settled: settled(carries, { exact, pinCost, short }), walks, asked, isEnlarged };
}

/** Before a stop is left: what is reckoned with, and what is really held. */
interface AtStop extends OnHand {
  i: number;
  way: Way;
  /** The carry as it was last cooked, if it was. */
  before: Walk | undefined;
  needs: readonly CarryNeed[];
  choice: Choice;
}
interface Leaving extends AtStop {
  loadOut: LoadOut;
  walk: Walk;
}

/** A stop left with enough for the carry as it burns on the very cans that leave it. */
function leave(job: CarryJob, at: AtStop): Leaving {
  const { i, way, held, home } = at;
  let { choice, needs, before } = at;
  if (!isAsReckoned(job, at)) choice = choose(job, needs, i, at, way);
  for (let choices = 1; ; choices++) {
    const loadOut = asHeld(choice, i, held);
    const now = cookedOn(job, i, loadOut.containers, before, way);
    const isEnough = isWhole(job) ? holds(job, loadOut.containers, now.demandG) : now.demandG <= needs[i].demandG + EXACT_G;
    if (way.isLoose || isEnough || choices === MOST_CHOICES)
      return { i, way, before, needs, choice, held, home, loadOut: { ...loadOut, containers: [...now.with] }, walk: now };
    // two load-outs may each ask for the other: the larger demand counts, which comes to an end
    needs = needs.with(i, { ...needs[i], burntG: burntOn(now.days), demandG: now.demandG });
    before = now;
    choice = choose(job, needs, i, at, way);
  }
}

/** Does a choice still serve: far enough ahead, and for what really came to the stop, once that is no mere guess? */
function isAsReckoned(job: CarryJob, { i, way, needs, choice, held }: AtStop): boolean {
  const isFarEnough = choice.from + choice.loadOuts.length === needs.length || i - choice.from < CARRIES_AHEAD / 2;
  if (!isFarEnough || way.isLoose) return isFarEnough;
  const reckoned = reckonedAt(choice, i);
  const isAsHeld = held.every((c, j) => Math.abs(c.fuelG - reckoned[j].fuelG) <= STRAY_G);
  // a guess that is a little high must not turn out a set of cans that would do: that is seen when it is cooked with
  const askedG = isWhole(job) ? SURELY * needs[i].demandG : needs[i].demandG;
  return isAsHeld && holds(job, asHeld(choice, i, held).containers, askedG);
}

/** Is so much in them, with the reserve? */
const holds = ({ trip }: CarryJob, containers: readonly Container[], demandG: number): boolean =>
  fuelOfG(containers) >= demandG * withReserve(trip) - EXACT_G;

/** Where a meal finds too little pressure that a fuller can would have, larger sets are tried; the first that cooks the most meals is taken. */
function fullest(job: CarryJob, leaving: Leaving): Leaving {
  const { i, needs, held } = leaving;
  let best = leaving;
  if (needs[i].stop.pinned) return best;
  let { containers } = leaving.loadOut;
  for (let tries = 0; tries < LARGER_SETS && wouldCook(job.use, best.walk.days, [FULLEST_CAN]); tries++) {
    const demandG = (fuelOfG(containers) + MORE_G) / withReserve(job.trip);
    const larger = needs.with(i, { ...needs[i], demandG });
    const choice = choose(job, larger, i, leaving, leaving.way);
    ({ containers } = asHeld(choice, i, held));
    if (!wouldCook(job.use, best.walk.days, containers)) continue;
    const now = leave(job, { ...leaving, needs: larger, choice });
    if (doneMeals(now.walk) > doneMeals(best.walk)) best = now;
  }
  return withoutWeak(job, leaving, best);
}

/** A can of one's own may be too weak for the pass: where leaving those at home cooks more, they stay there. */
function withoutWeak(job: CarryJob, leaving: Leaving, best: Leaving): Leaving {
  const { i, needs } = leaving;
  const { taken } = leaving.loadOut;
  if (!taken.length || !wouldCook(job.use, best.walk.days, [FULLEST_CAN])) return best;
  const home = leaving.home.filter((c) => typeof c.place === 'object' || !taken.some((t) => t.own?.id === c.id));
  const now = leave(job, { ...leaving, home, choice: choose(job, needs, i, { ...leaving, home }, leaving.way) });
  return doneMeals(now.walk) > doneMeals(best.walk) ? now : best;
}

const FULLEST_CAN = fullCan(CANISTER_SIZES[CANISTER_SIZES.length - 1]);

/** Would one of these cans, as they are, cook a meal that fails? */
const wouldCook = (use: KitInUse, days: readonly PlanDay[], cans: readonly Container[]): boolean =>
  days.some((d) =>
    Object.values(d.meals).some((m) => m.edge && cans.some((c) => c.kind === 'canister' && isDone(tryBurn(use, m.facts, canIn(c))))),
  );

/** A load-out of what really came to the stop where something else was reckoned with; what is bought there is as it is. */
function asHeld(choice: Choice, i: number, held: readonly Container[]): LoadOut {
  const chosen = choice.loadOuts[i - choice.from];
  const reckoned = reckonedAt(choice, i);
  const open = reckoned.map((_, j) => j);
  const really = (c: Container): Container => {
    const at = open.findIndex((j) => sameCan(reckoned[j], c));
    return at < 0 ? c : held[open.splice(at, 1)[0]];
  };
  return { ...chosen, containers: chosen.containers.map(really), left: chosen.left.map(really) };
}

const sameCan = (a: Container, b: Container): boolean =>
  a.kind === b.kind && a.tareG === b.tareG && a.own?.id === b.own?.id && Math.abs(a.fuelG - b.fuelG) < EXACT_G;
/** Which containers they are, whatever is in them. */
const tellsOf = (list: readonly Container[]): string =>
  list
    .map((c) => `${c.kind} ${c.tareG} ${c.own?.id}`)
    .sort()
    .join();
const sameContainers = (a: readonly Container[], b: readonly Container[]): boolean =>
  a.length === b.length && a.every((c, i) => sameCan(c, b[i]));
