import type { CanBound } from './can-bound';
import { fuelIn, tareIn, type HeldCan, type OwnCan } from './held-cans';
import type { RestBound } from './rest-bound';
import { loadCost, type CanSize, type CanStage } from '../../domain/carry';

/** Prices break ties between equal weights, and only those. */
export const TIE = 1e-6;
export const EPS = 1e-9;

/** What is searched: the stops, what is held and may be bought, and bounds on what the rest costs. */
export interface Problem {
  sizes: readonly CanSize[];
  stages: readonly CanStage[];
  gramsPerPrice: number;
  /** By stage: the sum of the weights from there to the end. */
  restWeight: readonly number[];
  rest: RestBound;
  byCans?: CanBound | undefined;
  /** Fuel beyond what the rest of the trip asks for that may be bought at each stage, g. */
  spareG: readonly number[];
  /** The hiker's own cans that may be packed on the way. */
  own: readonly OwnCan[];
  /** Held on coming to the first stop. */
  start: readonly HeldCan[];
  /** Fuel that on leaving each stage lasts as far as purchases are made for, g. */
  toCome: readonly number[];
}

/** Fuel in so many new cans of each size, g. */
export const netOf = (sizes: readonly CanSize[], counts: readonly number[]): number =>
  counts.reduce((sum, n, k) => sum + n * sizes[k]!.netG, 0);

/** One way of buying at a stop. */
export interface Purchase {
  bought: number[];
  spent: number;
  /** Cost so far, this stage included. */
  cost: number;
  leavingG: number;
  /** Lower bound on the cost of the whole trip. */
  promise: number;
}

/** Purchases worth trying: enough for the stage, of the stated form, and not above the known cost. */
export function purchases(p: Problem, i: number, costSoFar: number, kept: readonly HeldCan[], known: number): Purchase[] {
  const { sizes, gramsPerPrice, rest, byCans } = p;
  const stage = p.stages[i]!;
  const { weight, burntG } = stage;
  const bought = sizes.map(() => 0);
  const found: Purchase[] = [];
  const take = (leavingG: number, tareG: number, spent: number): void => {
    const cost = costSoFar + loadCost(stage, leavingG, tareG) + spent * (gramsPerPrice + TIE);
    const promise = byCans
      ? costSoFar + spent * gramsPerPrice + byCans.buying(i, kept, bought)
      : cost + rest.arriving(i + 1, leavingG - burntG);
    found.push({ bought: [...bought], cost, spent, leavingG, promise });
  };
  const grow = (k: number, haveG: number, tareG: number, spent: number): void => {
    const paid = costSoFar + spent * gramsPerPrice;
    // cans that weigh more than the lightest for as much fuel do so with whatever is bought besides
    const tooHeavyG = Math.max(0, tareG - rest.tareG(i, haveG));
    if (paid + rest.buying(i, haveG) + weight * tooHeavyG > known + EPS) return;
    if (byCans && paid + byCans.buying(i, kept, bought) > known + EPS) return;
    if (k === sizes.length) {
      if (haveG >= stage.needG - EPS) take(haveG, tareG, spent);
      return;
    }
    grow(k + 1, haveG, tareG, spent);
    const price = stage.prices[k];
    if (price === undefined) return;
    const { netG, tareG: canG } = sizes[k]!;
    for (let n = 1; haveG + (n - 1) * netG < p.toCome[i]! + p.spareG[i]! - EPS; n++) {
      bought[k] = n;
      grow(k + 1, haveG + n * netG, tareG + n * canG, spent + n * price);
    }
    bought[k] = 0;
  };
  const keptG = fuelIn(kept);
  const keptTareG = tareIn(sizes, kept);
  if (!stage.pinned) grow(0, keptG, keptTareG, 0);
  else {
    stage.pinned.forEach((n, k) => (bought[k] = n));
    const leavingG = keptG + netOf(sizes, bought);
    if (leavingG >= stage.needG - EPS)
      take(
        leavingG,
        bought.reduce((sum, n, k) => sum + n * sizes[k]!.tareG, keptTareG),
        bought.reduce((sum, n, k) => sum + n * (stage.prices[k] ?? 0), 0),
      );
  }
  return found;
}
