import { burntOf, loadCost, weightOf, type CanSize, type CanStage } from './stage';

/** What the rest of a trip costs at least, by stage and whole grams of fuel. */
export interface RestBound {
  /** Coming to stage i with `fuelG`, before anything is left or bought there; i may be one past the last. */
  arriving: (i: number, fuelG: number) => number;
  /** Standing at stage i with `fuelG` and more to be bought, perhaps. */
  buying: (i: number, fuelG: number) => number;
}

/**
 * A lower bound by relaxation: only the fuel on hand is kept track of, not what it is in. Its containers are taken to be the lightest that
 * could hold it (and, without a bin, what was burnt since the last one). At a bin the one can in use may be left, which keeps a whole set of
 * full ones, or full ones may; where `severalInUse` any of the fuel. Fuel is counted in cells of one gram, [x, x + 1), and every step takes
 * the better of the cells it may end in, so the bound holds for all fuel in a cell. `mostG` is the most that is ever on hand.
 */
export function restBound(
  sizes: readonly CanSize[],
  stages: readonly CanStage[],
  gramsPerPrice: number,
  mostG: number,
  severalInUse = false,
): RestBound {
  const cells = Math.ceil(mostG) + 2;
  const sinceBin = burntSinceBin(stages);
  const tare = leastTares(sizes, cells + Math.ceil(Math.max(0, ...sinceBin)) + 1);
  const canSet = wholeSets(sizes, cells);
  let next = new Float64Array(cells + 1);
  const arrivals: Float64Array[] = [];
  const buyings: Float64Array[] = [];
  arrivals[stages.length] = next;
  for (let i = stages.length - 1; i >= 0; i--) {
    const stage = stages[i];
    const weight = weightOf(stage);
    const fixed = loadCost(stage, 0, 0);
    const burnt = burntOf(stage);
    const held = Math.floor(sinceBin[i]);
    const leave = (x: number): number => {
      if (x + 1 <= stage.needG) return Number.POSITIVE_INFINITY;
      const to = Math.max(0, Math.floor(x - burnt));
      return weight * (x + tare[held + x]) + fixed + Math.min(next[to], next[Math.min(cells, to + 1)]);
    };
    const buying = new Float64Array(cells + 1).fill(Number.POSITIVE_INFINITY);
    const pinG = stage.pinned?.reduce((sum, n, k) => sum + n * sizes[k].netG, 0);
    const sold = sizes.flatMap((s, k) => {
      const price = stage.prices[k];
      return price === undefined ? [] : [{ netG: s.netG, cost: price * gramsPerPrice }];
    });
    for (let x = cells - 1; x >= 0; x--) {
      if (pinG !== undefined) {
        if (x + pinG < cells) buying[x] = leave(x + pinG);
        continue;
      }
      let least = leave(x);
      for (const s of sold) if (x + s.netG < cells && s.cost + buying[x + s.netG] < least) least = s.cost + buying[x + s.netG];
      buying[x] = least;
    }
    const arriving = Float64Array.from(buying);
    if (stage.bin) {
      let left = Number.POSITIVE_INFINITY;
      for (let x = 0; x <= cells; x++) {
        if (severalInUse || canSet[x]) left = Math.min(left, buying[x]);
        let least = Math.min(buying[x], left);
        for (const s of sizes) if (x >= s.netG) least = Math.min(least, arriving[x - s.netG]);
        arriving[x] = least;
      }
    }
    buyings[i] = buying;
    arrivals[i] = arriving;
    next = arriving;
  }
  const at = (table: Float64Array, fuelG: number): number => table[Math.min(cells, Math.max(0, Math.floor(fuelG)))];
  return { arriving: (i, fuelG) => at(arrivals[i], fuelG), buying: (i, fuelG) => at(buyings[i], fuelG) };
}

/** Fuel burnt since cans could last be left, on leaving each stage, g. */
function burntSinceBin(stages: readonly CanStage[]): number[] {
  let sinceG = 0;
  return stages.map((s) => {
    if (s.bin) sinceG = 0;
    const here = sinceG;
    sinceG += burntOf(s);
    return here;
  });
}

/** The least tare of any set of cans that holds so many whole grams. */
function leastTares(sizes: readonly CanSize[], cells: number): Float64Array {
  const least = new Float64Array(cells + 1);
  for (let g = 1; g <= cells; g++) {
    least[g] = Number.POSITIVE_INFINITY;
    for (const s of sizes) least[g] = Math.min(least[g], s.tareG + least[Math.max(0, g - s.netG)]);
  }
  return least;
}

/** Which whole grams are the content of a set of full cans. */
function wholeSets(sizes: readonly CanSize[], cells: number): Uint8Array {
  const is = new Uint8Array(cells + 1);
  is[0] = 1;
  for (let g = 1; g <= cells; g++) if (sizes.some((s) => g >= s.netG && is[g - s.netG])) is[g] = 1;
  return is;
}
