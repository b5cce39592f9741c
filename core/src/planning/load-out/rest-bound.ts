import { boundedCache, suffixSums, type BoundedCache } from '../../foundation/numeric';
import type { OwnCan } from './held-cans';
import type { CanSize, CanStage } from '../../domain/carry';

/** Lower bounds on the cost of the rest of a trip, by stage and whole grams of fuel. */
export interface RestBound {
  /** On arriving at stage i with `fuelG`, before leaving or buying any; i may be one past the last. */
  arriving: (i: number, fuelG: number) => number;
  /** At stage i with `fuelG`, when more may still be bought. */
  buying: (i: number, fuelG: number) => number;
  /** What containers weigh at least on leaving stage i with `fuelG`, empties with them that could not be left yet, g; no less than is reckoned with there. */
  tareG: (i: number, fuelG: number) => number;
}

/**
 * A lower bound by relaxation: only the fuel on hand is kept track of, not what it is in. Its containers are taken to be the lightest that
 * could hold it (and, without a bin, what was burnt since the last one). At a bin the one can in use may be left, which keeps a whole set of
 * full ones, or full ones may; where `severalInUse` any of the fuel. Fuel is counted in cells of one gram, [x, x + 1), and every step takes
 * the better of the cells it may end in, so the bound holds for all fuel in a cell. `mostG` is the most that is ever on hand. The walker's
 * own cans are taken to cost nothing, as often as one likes, wherever they may be taken along.
 */
export function restBound(
  sizes: readonly CanSize[],
  stages: readonly CanStage[],
  gramsPerPrice: number,
  mostG: number,
  severalInUse = false,
  own: readonly OwnCan[] = [],
  kept: RestTables = restTables(),
): RestBound {
  // rounded, so that the tables can be reused
  const cells = CELLS_STEP * Math.ceil((Math.ceil(mostG) + 2) / CELLS_STEP);
  const sinceBin = burntSinceBin(stages);
  const netsG = sizes.map((s) => s.netG);
  const setup = `${cells}|${severalInUse}|${gramsPerPrice}|${JSON.stringify(sizes)}`;
  const { tares, canSet } = kept.sizes.get(setup, () => ({ tares: leastTares(sizes, 2 * cells), canSet: wholeSets(sizes, cells) }));
  const mostSince = Math.ceil(Math.max(0, ...sinceBin)) + 1;
  const tare = mostSince > cells ? leastTares(sizes, cells + mostSince) : tares;
  const ends: Tables = { number: 0, arriving: new Float64Array(cells + 1), buying: new Float64Array(0) };
  const tables: Tables[] = [];
  tables[stages.length] = ends;
  for (let i = stages.length - 1; i >= 0; i--) {
    const stage = stages[i]!;
    const next = tables[i + 1]!;
    const ownG = own.flatMap((c) => (c.stages.includes(i) ? [Math.floor(c.fuelG)] : []));
    const since = Math.floor(sinceBin[i]!);
    const inCells: CellStage = { weight: stage.weight, burnt: Math.ceil(stage.burntG), need: Math.floor(stage.needG) };
    const key = [next.number || setup, since, ownG, inCells.weight, inCells.burnt, inCells.need, stage.bin, stage.prices, stage.pinned];
    tables[i] = kept.stages.get(JSON.stringify(key), () => {
      const leaving = left(inCells, next.arriving, tare.subarray(since));
      const buying = takenAlong(bought(leaving, stage, sizes, gramsPerPrice), ownG);
      const arriving = stage.bin ? lightened(buying, netsG, severalInUse ? undefined : canSet) : buying;
      return { number: kept.nextNumber(), arriving, buying };
    });
  }
  // what is burnt on the way need not be carried to the end of it, by the very grams
  const fixed = suffixSums(stages.map((s) => -s.burntOff));
  const at = (table: Float64Array, fuelG: number): number => table[Math.min(cells, Math.max(0, Math.floor(fuelG)))]!;
  return {
    arriving: (i, fuelG) => fixed[i]! + at(tables[i]!.arriving, fuelG),
    buying: (i, fuelG) => fixed[i]! + at(tables[i]!.buying, fuelG),
    tareG: (i, fuelG) => tare[Math.min(tare.length - 1, Math.ceil(fuelG) + Math.ceil(sinceBin[i]!))]!,
  };
}

/** Least cost by cell of fuel at one stage; its number identifies it and all later stages. */
interface Tables {
  number: number;
  arriving: Float64Array;
  buying: Float64Array;
}
/** Tables made before. A carry is chosen for anew while those after it stay: their tables hold. */
export interface RestTables {
  stages: BoundedCache<Tables>;
  sizes: BoundedCache<{ tares: Float64Array; canSet: Uint8Array }>;
  nextNumber: () => number;
}
export function restTables(): RestTables {
  let made = 0;
  return { stages: boundedCache(200), sizes: boundedCache(20), nextNumber: () => ++made };
}
const CELLS_STEP = 256;

/** A carry by whole grams: an edit that moves it by a part of one leaves the tables as they were. */
interface CellStage {
  weight: number;
  burnt: number;
  /** Fewer cells are too little. */
  need: number;
}

/** The least by fuel on leaving a stop, where `after` is the least on coming to the next and `tare` what holds the fuel weighs. */
function left({ weight, burnt, need }: CellStage, after: Float64Array, tare: Float64Array): Float64Array {
  const last = after.length - 1;
  const least = new Float64Array(after.length);
  for (let x = 0; x <= last; x++) {
    const to = x > burnt ? x - burnt : 0;
    const rest = to < last ? Math.min(after[to]!, after[to + 1]!) : after[to]!;
    least[x] = x + 1 <= need ? Number.POSITIVE_INFINITY : weight * (x + tare[x]!) + rest;
  }
  return least;
}

/** The least by fuel on hand before anything is bought, where `leaving` is the least with it. */
function bought(leaving: Float64Array, { prices, pinned }: CanStage, sizes: readonly CanSize[], gramsPerPrice: number): Float64Array {
  const cells = leaving.length - 1;
  if (pinned) {
    const pinG = pinned.reduce((sum, n, k) => sum + n * sizes[k]!.netG, 0);
    return leaving.map((_, x) => (x + pinG < cells ? leaving[x + pinG]! : Number.POSITIVE_INFINITY));
  }
  const least = leaving.slice();
  least[cells] = Number.POSITIVE_INFINITY;
  // size by size, any number of each
  sizes.forEach(({ netG }, k) => {
    const price = prices[k];
    if (price === undefined) return;
    const cost = price * gramsPerPrice;
    for (let x = cells - 1 - netG; x >= 0; x--) if (cost + least[x + netG]! < least[x]!) least[x] = cost + least[x + netG]!;
  });
  return least;
}

/** The least by fuel on hand before any of the own cans is taken, where `buying` is the least with them. */
function takenAlong(buying: Float64Array, ownG: readonly number[]): Float64Array {
  if (!ownG.length) return buying;
  const least = buying.slice();
  for (let x = least.length - 2; x >= 0; x--)
    for (const g of ownG) {
      const to = x + g;
      // what a cell holds and what a can adds end in one of two cells
      if (to > x && to + 1 < least.length) least[x] = Math.min(least[x]!, least[to]!, least[to + 1]!);
    }
  return least;
}

/** The least by fuel on hand before anything is left at a bin: full cans, or the one in use where what is kept is a set of full ones (or any). */
function lightened(buying: Float64Array, netsG: readonly number[], keptSets: Uint8Array | undefined): Float64Array {
  const least = buying.slice();
  let left = Number.POSITIVE_INFINITY;
  for (let x = 0; x < least.length; x++) {
    if ((!keptSets || keptSets[x] === 1) && buying[x]! < left) left = buying[x]!;
    if (left < least[x]!) least[x] = left;
  }
  for (const netG of netsG) for (let x = netG; x < least.length; x++) if (least[x - netG]! < least[x]!) least[x] = least[x - netG]!;
  return least;
}

/** Fuel burnt since cans could last be left, on leaving each stage, g. */
function burntSinceBin(stages: readonly CanStage[]): number[] {
  let sinceG = 0;
  return stages.map((s) => {
    if (s.bin) sinceG = 0;
    const here = sinceG;
    sinceG += s.burntG;
    return here;
  });
}

/** The least tare of any set of cans that holds so many whole grams. */
function leastTares(sizes: readonly CanSize[], cells: number): Float64Array {
  const least = new Float64Array(cells + 1);
  for (let g = 1; g <= cells; g++) {
    least[g] = Number.POSITIVE_INFINITY;
    for (const s of sizes) least[g] = Math.min(least[g]!, s.tareG + least[Math.max(0, g - s.netG)]!);
  }
  return least;
}

/** Which whole grams are the content of a set of full cans. */
function wholeSets(sizes: readonly CanSize[], cells: number): Uint8Array {
  const is = new Uint8Array(cells + 1);
  is[0] = 1;
  for (let g = 1; g <= cells; g++) for (const { netG } of sizes) if (g >= netG && is[g - netG]) is[g] = 1;
  return is;
}
