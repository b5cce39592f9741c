import { tareIn, type HeldCan } from './held-cans';
import { EMPTY_G, type CanSize, type CanStage } from '../../domain/carry';

/** Lower bounds on the cost of the rest of a trip for a known set of cans, empties included. */
export interface CanBound {
  /** On arriving at stage i with `cans`, before leaving or buying any; i may be one past the last. */
  arriving: (i: number, cans: readonly HeldCan[]) => number;
  /** At stage i with `cans` and some new ones of each size, when more may still be bought. */
  buying: (i: number, cans: readonly HeldCan[], bought: readonly number[]) => number;
}

/** A larger table is not built, and there is no such bound. */
const MOST_VALUES = 16_000_000;

/**
 * A lower bound that knows which can is in use and which are full: dynamic programming backwards over the stops, with the size of the one in
 * use, what is in it (in cells of one gram, or of so many parts of it) and the full ones of each size as the state. It is the least itself where whole grams are burnt;
 * else a step may end in either of two cells, and takes the better.
 *
 * Between two bins no can is left, so a can's own weight is charged at once, from where it is bought or kept at a bin as far as the next bin:
 * what is empty by then needs no place in the state. At most one can is part-used, and none of the walker's own is taken along on the way;
 * undefined where the tables would be too large.
 */
export function canBound(
  sizes: readonly CanSize[],
  stages: readonly CanStage[],
  gramsPerPrice: number,
  start: readonly HeldCan[],
  parts = 1,
): CanBound | undefined {
  if (sizes.some((s) => !isWholeG(s.netG))) return undefined;
  const fills = fillsOf(sizes, parts);
  const most = stages.map((_, i) => mostWorthHaving(sizes, stages, gramsPerPrice, start, i));
  if (most.reduce((sum, m) => sum + m.reduce((a, n) => a * (n + 1), 1), 0) * fills.number > MOST_VALUES) return undefined;
  const sets = [...most, sizes.map(() => 0)].map((m) => fullSets(sizes, m));
  const toBin = weightToBin(stages);
  const isWhole = [...stages.map((s) => s.burntG), ...start.map((c) => c.fuelG)].every(isWholeG);
  const arriving: Float64Array[] = [];
  const buying: Float64Array[] = [];
  arriving[stages.length] = new Float64Array(sets[stages.length]!.counts.length * fills.number);
  for (let i = stages.length - 1; i >= 0; i--) {
    const table: Table = { sizes, fills, sets: sets[i]!, isWhole };
    const leaving = left(table, stages[i]!, { values: arriving[i + 1]!, sets: sets[i + 1]! });
    buying[i] = bought(table, leaving, stages[i]!, gramsPerPrice, toBin[i]!);
    arriving[i] = stages[i]!.bin ? lightened(table, buying[i]!, toBin[i]!) : buying[i]!;
  }
  const valueAt = (i: number, values: Float64Array, cans: readonly HeldCan[], more: readonly number[]): number => {
    const full = sizes.map((_, k) => more[k] ?? 0);
    let fill = 0;
    for (const { size, fuelG } of cans) {
      if (fuelG >= sizes[size]!.netG - EMPTY_G) full[size]!++;
      else if (fuelG > EMPTY_G) fill = fills.from[size]! + Math.floor((fuelG + EMPTY_G) * parts);
    }
    return values[sets[i]!.idOf(full) * fills.number + fill]!;
  };
  return {
    arriving: (i, cans) => valueAt(i, arriving[i]!, cans, []) + (stages[i]?.bin === false ? tareIn(sizes, cans) * toBin[i]! : 0),
    buying: (i, cans, more) =>
      valueAt(i, buying[i]!, cans, more) + (tareIn(sizes, cans) + more.reduce((sum, n, k) => sum + n * sizes[k]!.tareG, 0)) * toBin[i]!,
  };
}

/** By stage: the weight of one gram carried to the next bin. */
function weightToBin(stages: readonly CanStage[]): number[] {
  const sums = stages.map((s) => s.weight);
  for (let i = stages.length - 2; i >= 0; i--) if (!stages[i + 1]!.bin) sums[i]! += sums[i + 1]!;
  return sums;
}

const isWholeG = (g: number): boolean => Math.abs(g - Math.round(g)) <= EMPTY_G;

/** What may be in the one in use: cell 0 stands for none, then come `cells` of each size, the first at `from`. */
interface Fills {
  number: number;
  from: number[];
  cells: number[];
  /** Cells per gram. */
  parts: number;
}
function fillsOf(sizes: readonly CanSize[], parts: number): Fills {
  const cells = sizes.map((s) => Math.round(s.netG) * parts);
  let number = 1;
  const from = cells.map((n) => (number += n) - n);
  return { number, from, cells, parts };
}

/**
 * More full cans of a size than this are worth nothing on leaving stage i. Where the next one is sold far enough ahead that a can weighs more
 * on the way there than it costs there, whoever has enough of that size without it for all that is asked for until then can do whatever
 * someone with one more can do, and buy it there.
 */
function mostWorthHaving(
  sizes: readonly CanSize[],
  stages: readonly CanStage[],
  gramsPerPrice: number,
  start: readonly HeldCan[],
  i: number,
): number[] {
  return sizes.map(({ netG, tareG }, k) => {
    let weight = 0;
    let burntG = 0;
    let askedG = 0;
    for (let j = i; j < stages.length; j++) {
      const { needG, prices, pinned } = stages[j]!;
      const price = pinned ? undefined : prices[k];
      if (j > i && price !== undefined && weight * (netG + tareG) >= price * gramsPerPrice) break;
      askedG = Math.max(askedG, burntG + needG);
      burntG += stages[j]!.burntG;
      weight += stages[j]!.weight;
    }
    const most = Math.ceil(askedG / netG) + 1;
    const isSold = stages.some((s) => s.prices[k] !== undefined || s.pinned?.[k]);
    return isSold ? most : Math.min(most, start.filter((c) => c.size === k).length);
  });
}

/** Sets of so many full cans of each size at most, each after all that are part of it. */
interface FullSets {
  counts: number[][];
  netG: number[];
  /** The number of a set, or of the largest that is part of it; -1 where a count is less than nothing. */
  idOf: (counts: readonly number[]) => number;
}
function fullSets(sizes: readonly CanSize[], most: readonly number[]): FullSets {
  let counts: number[][] = [[]];
  for (const m of most) counts = counts.flatMap((c) => Array.from({ length: m + 1 }, (_, n) => [...c, n]));
  return {
    counts,
    netG: counts.map((c) => c.reduce((sum, n, k) => sum + n * sizes[k]!.netG, 0)),
    idOf: (c) => (c.some((n) => n < 0) ? -1 : c.reduce((at, n, k) => at * (most[k]! + 1) + Math.min(n, most[k]!), 0)),
  };
}

interface Table {
  sizes: readonly CanSize[];
  fills: Fills;
  sets: FullSets;
  /** All that is burnt is whole grams, and all that is in use at the start. */
  isWhole: boolean;
}

/** The least on leaving a stop, by what is held; the cans' own weight apart. */
function left({ fills, sets, isWhole }: Table, stage: CanStage, next: { values: Float64Array; sets: FullSets }): Float64Array {
  const { burntG, weight } = stage;
  const fixed = -stage.burntOff;
  const values = new Float64Array(sets.counts.length * fills.number).fill(Number.POSITIVE_INFINITY);
  const emptied = sets.counts.map((counts, id) => ({ counts, netG: sets.netG[id]! })).filter((e) => e.netG <= burntG + EMPTY_G);
  sets.counts.forEach((counts, id) => {
    const row = values.subarray(id * fills.number, (id + 1) * fills.number);
    for (const { counts: gone, netG } of emptied) {
      const full = counts.map((n, k) => n - gone[k]!);
      if (full.some((n) => n < 0)) continue;
      // from the can in use, or from it and a second one
      const restG = Math.max(0, burntG - netG);
      const burntCells = Math.ceil((restG - EMPTY_G) * fills.parts);
      const stays = next.sets.idOf(full);
      if (stays >= 0) {
        const after = next.values.subarray(stays * fills.number, (stays + 1) * fills.number);
        if (burntCells === 0) row[0] = Math.min(row[0]!, after[0]!);
        fills.from.forEach((from, k) => {
          for (let x = Math.max(0, burntCells - 1); x < fills.cells[k]!; x++) {
            const to = x - burntCells;
            if (to >= 0 && after[from + to]! < row[from + x]!) row[from + x] = after[from + to]!;
            if (!isWhole && after[from + to + 1]! < row[from + x]!) row[from + x] = after[from + to + 1]!;
            // it may end exactly empty
            if (to <= 0 && after[0]! < row[from + x]!) row[from + x] = after[0]!;
          }
        });
      }
      fills.cells.forEach((opened, k) => {
        const with1 = full[k]! > 0 ? next.sets.idOf(full.with(k, full[k]! - 1)) : -1;
        if (with1 < 0 || restG <= EMPTY_G) return;
        const after = next.values.subarray(with1 * fills.number, (with1 + 1) * fills.number);
        const ofOpened = (to: number): number => (to >= 0 && to < opened ? after[fills.from[k]! + to]! : Number.POSITIVE_INFINITY);
        // of what the opened one holds; used up to the last it is as good as emptied, which is another way
        const least = (cell: number): number => (isWhole ? ofOpened(cell) : Math.min(ofOpened(cell), ofOpened(cell + 1)));
        row[0] = Math.min(row[0]!, least(opened - burntCells));
        fills.from.forEach((from, j) => {
          for (let x = Math.max(0, burntCells - opened - 1); x < Math.min(fills.cells[j]!, burntCells); x++) {
            const to = least(opened - burntCells + x);
            if (to < row[from + x]!) row[from + x] = to;
          }
        });
      });
    }
    // of whole grams a cell holds what it says; else it may hold nearly one more
    row[0] = sets.netG[id]! < stage.needG - EMPTY_G ? Number.POSITIVE_INFINITY : row[0]! + weight * sets.netG[id]! + fixed;
    fills.from.forEach((from, k) => {
      for (let x = 0; x < fills.cells[k]!; x++) {
        const fuelG = sets.netG[id]! + x / fills.parts;
        const at = from + x;
        row[at] =
          (isWhole ? fuelG : fuelG + 1 / fills.parts) < stage.needG - EMPTY_G
            ? Number.POSITIVE_INFINITY
            : row[at]! + weight * fuelG + fixed;
      }
    });
  });
  return values;
}

/** The least by what is held before anything is bought, where `leaving` is the least with it. */
function bought({ sizes, fills, sets }: Table, leaving: Float64Array, stage: CanStage, gramsPerPrice: number, toBin: number): Float64Array {
  const { prices, pinned } = stage;
  const costs = sizes.map((s, k) => (prices[k] ?? 0) * gramsPerPrice + s.tareG * toBin);
  const values = pinned ? new Float64Array(leaving.length).fill(Number.POSITIVE_INFINITY) : leaving;
  const take = (id: number, more: number, cost: number): void => {
    const to = id * fills.number;
    const from = more * fills.number;
    for (let f = 0; f < fills.number; f++) if (cost + leaving[from + f]! < values[to + f]!) values[to + f] = cost + leaving[from + f]!;
  };
  for (let id = sets.counts.length - 1; id >= 0; id--) {
    const counts = sets.counts[id]!;
    if (pinned)
      take(
        id,
        sets.idOf(counts.map((n, k) => n + pinned[k]!)), // keep the lesser of the two
        pinned.reduce((sum, n, k) => sum + n * costs[k]!, 0),
      );
    // one more, and perhaps another one then
    else
      sizes.forEach((_, k) => {
        const more = sets.idOf(counts.with(k, counts[k]! + 1));
        if (prices[k] !== undefined && more !== id) take(id, more, costs[k]!);
      });
  }
  return values;
}

/** The least by what is held before anything is left at a bin; what is kept is carried to the next one. */
function lightened({ sizes, fills, sets }: Table, buying: Float64Array, toBin: number): Float64Array {
  const values = new Float64Array(buying.length);
  sets.counts.forEach((counts, id) => {
    const row = id * fills.number;
    const tareG = counts.reduce((sum, n, k) => sum + n * sizes[k]!.tareG, 0);
    values[row] = buying[row]! + toBin * tareG;
    sizes.forEach((s, k) => {
      for (let f = row + fills.from[k]!; f < row + fills.from[k]! + fills.cells[k]!; f++)
        values[f] = Math.min(values[row]!, buying[f]! + toBin * (tareG + s.tareG));
    });
    sizes.forEach((_, k) => {
      const fewer = sets.idOf(counts.with(k, counts[k]! - 1)) * fills.number;
      if (fewer >= 0)
        for (let f = 0; f < fills.number; f++) if (values[fewer + f]! < values[row + f]!) values[row + f] = values[fewer + f]!;
    });
  });
  return values;
}
