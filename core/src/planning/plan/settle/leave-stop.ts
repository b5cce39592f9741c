import { fuelOfG, withReserve, type Container } from '../../../domain/carry';
import type { CarryNeed, LoadOut, OnHand } from '../load-outs/choosing';
import { EXACT_G, isChosenWhole, type CarryJob } from './carry-job';
import { CARRIES_AHEAD, choose, chosenAt, reckonedAt, type Choice } from './choose';
import { burntByDayG, cookCarry, type CookedCarry } from './cook-carry';

/** How the carries are gone through. */
export interface PassOptions {
  /** Its number in progress reports; the guess is round 1. */
  round: number;
  /** The needs are a guess: what a load-out really burns is only looked at. */
  isGuess?: boolean;
  /** Larger sets of canisters are tried where a meal finds no pressure. */
  triesLarger?: boolean;
}

/** State on arrival at a stop: the choice so far, and what is really held. */
export interface AtStop extends OnHand {
  i: number;
  pass: PassOptions;
  /** The carry as it was last cooked, if it was. */
  before: CookedCarry | undefined;
  needs: readonly CarryNeed[];
  /** Chosen again if it no longer serves, or if there is none. */
  choice?: Choice;
}
/** State on leaving the stop. */
export interface Leaving extends AtStop {
  choice: Choice;
  loadOut: LoadOut;
  cooked: CookedCarry;
}

/** Most choices for one carry-out whose load-out burns more than was asked for. */
export const MOST_CHOICES = 10;
/** A smaller deviation from what was expected on arrival changes no choice, g. */
const STRAY_G = 10;
/** Share of the guess that is burnt at least. */
const SURELY = 0.98;

/**
 * Leaves a stop with enough for the carry as it burns on the very containers that leave it. Where a load-out burns more than was asked for,
 * that is asked for instead. The need only ever rises, so that two load-outs which each ask for the other come to an end; it is raised
 * `MOST_CHOICES` times at most.
 */
export function leaveStop(job: CarryJob, at: AtStop): Leaving {
  const { i, pass, held, home } = at;
  let { choice, needs, before } = at;
  for (let choices = 1; ; choices++) {
    if (!choice || !serves(job, at, needs, choice)) choice = choose(job, needs, i, { held, home }, pass);
    const loadOut = chosenAt(choice, i, held);
    const cooked = cookCarry(job, i, loadOut.containers, pass.round, before);
    if (pass.isGuess || choices === MOST_CHOICES || isEnough(job, loadOut.containers, cooked, needs[i]!))
      return { i, pass, before, needs, choice, held, home, loadOut: { ...loadOut, containers: [...cooked.with] }, cooked };
    needs = needs.with(i, { ...needs[i]!, burntG: burntByDayG(cooked.days), demandG: cooked.demandG });
    before = cooked;
    choice = undefined;
  }
}

/** Does a choice made before still serve: far enough ahead, and for what really came to the stop, once that is no mere guess? */
function serves(job: CarryJob, { i, pass, held }: AtStop, needs: readonly CarryNeed[], choice: Choice): boolean {
  const isFarEnough = choice.from + choice.loadOuts.length === needs.length || i - choice.from < CARRIES_AHEAD / 2;
  if (!isFarEnough || pass.isGuess) return isFarEnough;
  const reckoned = reckonedAt(choice, i);
  const isAsHeld = held.every((c, j) => Math.abs(c.fuelG - reckoned[j]!.fuelG) <= STRAY_G);
  // a guess slightly too high must not rule out a set that would do; cooking with it decides
  const askedG = isChosenWhole(job) ? SURELY * needs[i]!.demandG : needs[i]!.demandG;
  return isAsHeld && holds(job, chosenAt(choice, i, held).containers, askedG);
}

/** Does a load-out hold what it burns? On long trips it is enough that it burns no more than was asked for. */
const isEnough = (job: CarryJob, containers: readonly Container[], { demandG }: CookedCarry, asked: CarryNeed): boolean =>
  isChosenWhole(job) ? holds(job, containers, demandG) : demandG <= asked.demandG + EXACT_G;

/** Do they hold the demand and its reserve? */
const holds = ({ trip }: CarryJob, containers: readonly Container[], demandG: number): boolean =>
  fuelOfG(containers) >= demandG * withReserve(trip) - EXACT_G;
