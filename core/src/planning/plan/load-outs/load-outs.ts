import { burntAlong, dayWeights, fuelOfG, loadCost, tareOfG, withReserve, type NoPlan, type Stage } from '../../../domain/carry';
import { done } from '../../../foundation/errors';
import type { Trip } from '../../../domain/model';
import type { KitInUse } from '../kit-in-use';
import type { CarryNeed, Choice, Choosing, LoadOut, OnHand } from './choosing';
import { chooseCans } from './on-cans';
import { choosePoured } from './poured-out';

export interface TripLoadOuts {
  loadOuts: LoadOut[];
  /** Carried for them, as grams on the back over the whole trip by the walker's measure; and what they cost. */
  meanG: number;
  price: number;
  /** What following the walker's pins costs more than the best without them. */
  pinCost?: { meanG: number; price: number };
  /** The best is proven; false only on trips of dozens of stops. */
  exact: boolean;
  /** Set if a pin leaves too little fuel and was not followed. */
  short?: NoPlan;
}

/**
 * The load-outs of a whole trip, the least by the walker's measure: what is carried on, bought and left at every stop that can fill up.
 * `onHand` is what there is on coming to the first of them. Without pins there always is a plan: such stops sell without limit.
 * With `from` only the rest of the trip is chosen, from that carry on; with `ahead` only so many carries of it, by a narrow search. `known` are
 * load-outs for all that is chosen which would do.
 */
export function loadOutsOf(
  trip: Trip,
  use: KitInUse,
  all: readonly CarryNeed[],
  onHand: OnHand,
  from = 0,
  ahead?: number,
  known?: readonly LoadOut[],
): TripLoadOuts {
  const to = ahead === undefined ? all.length : from + ahead;
  const everyStage = stagesOf(trip, all, use);
  const needs = all.slice(from, to);
  const stages = everyStage.slice(from, to);
  const wholeWay = wholeWayOf(everyStage);
  const gramsPerPrice = trip.loadOut.gramsPerPrice * wholeWay;
  const choosing: Choosing = {
    trip,
    use,
    needs,
    stages,
    gramsPerPrice,
    onHand,
    followPins: false,
    knownCost: known && costOf(stages, known, gramsPerPrice),
    isNarrow: ahead !== undefined,
  };
  const free = choose(choosing);
  if (!free.ok) return { loadOuts: needs.map(() => NOTHING), meanG: 0, price: 0, exact: true, short: free.problem };
  const measured = ({ loadOuts, cost, price, exact }: (typeof free)['value']): TripLoadOuts => ({
    loadOuts,
    // carried weight in the measure's unit as grams carried all the way
    meanG: (cost - gramsPerPrice * price) / Math.max(1e-9, wholeWay),
    price,
    exact,
  });
  const best = measured(free.value);
  if (!needs.some((n) => n.stop.pinned)) return best;
  const pinned = choose({ ...choosing, followPins: true });
  if (!pinned.ok) return { ...best, short: pinned.problem };
  const followed = measured(pinned.value);
  return { ...followed, pinCost: { meanG: followed.meanG - best.meanG, price: followed.price - best.price } };
}

/** Load-outs for a whole trip by the walker's measure, money included: as grams on the back all the way. */
export function measuredG(trip: Trip, use: KitInUse, needs: readonly CarryNeed[], loadOuts: readonly LoadOut[]): number {
  const stages = stagesOf(trip, needs, use);
  const wholeWay = wholeWayOf(stages);
  const { cost } = costOf(stages, loadOuts, trip.loadOut.gramsPerPrice * wholeWay);
  return cost / Math.max(1e-9, wholeWay);
}

/** What load-outs cost, one a stage, money included. */
function costOf(stages: readonly Stage[], loadOuts: readonly LoadOut[], gramsPerPrice: number): { cost: number; price: number } {
  const price = loadOuts.reduce((sum, l) => sum + l.price, 0);
  const carried = loadOuts.reduce((sum, l, i) => sum + loadCost(stages[i]!, fuelOfG(l.containers), tareOfG(l.containers)), 0);
  return { cost: carried + price * gramsPerPrice, price };
}

/** What a gram counts that is carried the whole way. Money is worth grams carried so: in the measure's own unit, that many times this. */
const wholeWayOf = (stages: readonly Stage[]): number => stages.reduce((sum, s) => sum + s.weight, 0);

const NOTHING: LoadOut = { containers: [], after: [], bought: [], taken: [], left: [], price: 0 };

/** Carry-outs as the search needs them. On long trips one need changes between dozens of searches, so the others are cached. */
const stagesOf = (trip: Trip, needs: readonly CarryNeed[], { cache }: Pick<KitInUse, 'cache'>): Stage[] =>
  needs.map((need) => cache.stage(need, trip, () => stageOf(trip, need)));

const stageOf = (trip: Trip, { days, burntG, demandG, stop }: CarryNeed): Stage => ({
  ...burntAlong(burntG, dayWeights(trip.loadOut.measure, days)),
  needG: withReserve(trip) * demandG,
  bin: stop.bin,
});

function choose(choosing: Choosing): Choice {
  const { fuel } = choosing.use;
  switch (fuel.kind) {
    case 'gas':
    case 'gel':
      return chooseCans(choosing);
    case 'alcohol':
    case 'liquid':
    case 'tablet':
      return choosePoured(fuel, choosing);
    case 'wood':
    case 'none': // wood is gathered, cold food needs none: nothing leaves a stop
      return done({ loadOuts: choosing.needs.map(() => NOTHING), cost: 0, price: 0, exact: true });
  }
}
