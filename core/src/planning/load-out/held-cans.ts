import { drawDownG, EMPTY_G, type CanSize } from '../../domain/carry';

/** A can on hand: which size it is (its place in the list of sizes), and what is in it, g. */
export interface HeldCan {
  size: number;
  fuelG: number;
  /** Its number among the cans that were there before any was bought: those of the walker's own that may be taken along, then those held. */
  own?: number | undefined;
}
/** A can of the walker's own that may be taken along once, at one of these stages; where `must` it is. */
export interface OwnCan {
  size: number;
  fuelG: number;
  stages: readonly number[];
  must?: boolean;
}
/** Cans of one carry in an order of use, and as they are after it. */
export interface CanUse {
  cans: HeldCan[];
  after: HeldCan[];
  /** {@link stateOf} the cans after it. */
  state: string;
}

const isEmpty = (c: HeldCan): boolean => c.fuelG <= EMPTY_G;

export const fuelIn = (cans: readonly HeldCan[]): number => cans.reduce((sum, c) => sum + c.fuelG, 0);
export const tareIn = (sizes: readonly CanSize[], cans: readonly HeldCan[]): number =>
  cans.reduce((sum, c) => sum + sizes[c.size]!.tareG, 0);

/** New cans, so many of each size. */
export function fresh(sizes: readonly CanSize[], counts: readonly number[]): HeldCan[] {
  const cans: HeldCan[] = [];
  counts.forEach((count, size) => {
    for (let n = 0; n < count; n++) cans.push({ size, fuelG: sizes[size]!.netG, own: undefined }); // same shape as cans that have one, for speed
  });
  return cans;
}

/** A key for a set of cans, independent of order. */
export function stateOf(cans: readonly HeldCan[]): string {
  // hand-written: the hottest function of the search
  const codes: number[] = [];
  for (const { size, fuelG } of cans) {
    const code = size * SIZE_CODE + Math.round(1000 * fuelG);
    let at = codes.length;
    for (; at > 0 && codes[at - 1]! > code; at--) codes[at] = codes[at - 1]!;
    codes[at] = code;
  }
  let state = '';
  for (const code of codes) state += `${code},`;
  return state;
}
/** More milligrams than any can holds: separates the sizes in a key. */
const SIZE_CODE = 1e8;

/** Can every one of `others` be matched with a can here of its size that is at least as full? */
export const holdsAtLeast = (cans: readonly HeldCan[], others: readonly HeldCan[]): boolean =>
  others.every((c) => asFull(cans, c) >= asFull(others, c));
/** How many are of that size and at least as full; hand-written, as it is hot. */
function asFull(cans: readonly HeldCan[], { size, fuelG }: HeldCan): number {
  let n = 0;
  for (const c of cans) if (c.size === size && c.fuelG >= fuelG - SAME_FILL_G) n++;
  return n;
}
const SAME_FILL_G = 1e-9;

/** A choice among the walker's own cans: what is taken along at a stage, and which (by number) can still be taken later. */
export interface Taking {
  taken: HeldCan[];
  untaken: readonly number[];
}

/** Every choice that can be told from the others among own cans not taken yet. One that must come along by then does. */
export function takeOptions(own: readonly OwnCan[], untaken: readonly number[], stage: number): Taking[] {
  const here = untaken.length ? untaken.filter((n) => own[n]!.stages.includes(stage)) : untaken;
  if (!here.length) return [{ taken: [], untaken }];
  const must = here.filter((n) => own[n]!.must);
  const asHeld = (n: number): HeldCan => ({ size: own[n]!.size, fuelG: own[n]!.fuelG, own: n });
  return distinctSubsets(here.filter((n) => !own[n]!.must).map(asHeld)).map(({ chosen }) => {
    const taken = [...must.map(asHeld), ...chosen];
    const gone = new Set(taken.map((c) => c.own));
    return { taken, untaken: untaken.filter((n) => !gone.has(n)) };
  });
}

/** Every set of cans that may be left at a bin, with what is kept; empties always are. Without a bin everything goes on. */
export function leaveOptions(cans: readonly HeldCan[], bin: boolean): { kept: HeldCan[]; left: HeldCan[] }[] {
  if (!bin) return [{ kept: [...cans], left: [] }];
  const empties = cans.filter(isEmpty);
  return distinctSubsets(cans.filter((c) => !isEmpty(c))).map(({ chosen, others }) => ({ kept: chosen, left: [...others, ...empties] }));
}

const isPartUsed = (sizes: readonly CanSize[], c: HeldCan): boolean => !isEmpty(c) && c.fuelG < sizes[c.size]!.netG - EMPTY_G;
export const partUsedIn = (sizes: readonly CanSize[], cans: readonly HeldCan[]): number =>
  cans.reduce((n, c) => n + (isPartUsed(sizes, c) ? 1 : 0), 0);

/**
 * Every way that matters of using cans up one after another until `burntG` are gone: which are emptied, and which one is left in use. Nobody
 * opens another can beside one in use: no more than one is part-used in the end, or as many as there were.
 */
export function everyUse(sizes: readonly CanSize[], cans: readonly HeldCan[], burntG: number): CanUse[] {
  const empties = cans.filter(isEmpty);
  const fed = cans.filter((c) => !isEmpty(c));
  if (fed.length === 1) return [usedUp([...fed, ...empties], burntG)];
  const mostInUse = Math.max(1, partUsedIn(sizes, cans));
  const uses = new Map<string, CanUse>();
  for (const { chosen: emptied, others: rest, fuelG } of distinctSubsets(fed, burntG + EMPTY_G)) {
    const leftG = burntG - fuelG;
    for (const inUse of leftG > EMPTY_G ? rest : NONE_IN_USE) {
      if (inUse && inUse.fuelG <= leftG) continue; // this one is emptied as well
      const others = inUse ? rest.filter((c) => c !== inUse) : rest;
      if (partUsedIn(sizes, others) + (inUse ? 1 : 0) > mostInUse) continue;
      const use = usedUp([...byFill(emptied), ...(inUse ? [inUse] : []), ...byFill(others), ...empties], burntG);
      uses.set(use.state, use);
    }
  }
  return [...uses.values()];
}
const NONE_IN_USE = [undefined];

/** The usual way where it makes no difference: part-used cans first, the smaller before the larger, empties last. */
export function usualUse(sizes: readonly CanSize[], cans: readonly HeldCan[], burntG: number): CanUse {
  const inUse = cans.filter((c) => isPartUsed(sizes, c));
  const full = cans.filter((c) => !isEmpty(c) && !isPartUsed(sizes, c));
  return usedUp([...byFill(inUse), ...byFill(full), ...cans.filter(isEmpty)], burntG);
}

const byFill = (cans: readonly HeldCan[]): readonly HeldCan[] => (cans.length > 1 ? [...cans].sort((a, b) => a.fuelG - b.fuelG) : cans);

function usedUp(cans: HeldCan[], burntG: number): CanUse {
  const fillsG = drawDownG(
    cans.map((c) => c.fuelG),
    burntG,
  );
  // a can that nothing was drawn from stays the same one: the search makes many thousands of these
  const after = cans.map((c, i) => (fillsG[i] === c.fuelG ? c : { size: c.size, fuelG: fillsG[i]!, own: c.own }));
  return { cans, after, state: stateOf(after) };
}

interface Subset {
  chosen: HeldCan[];
  others: HeldCan[];
  /** In the chosen ones, g. */
  fuelG: number;
}

/** Every set of cans that can be told from the others, with what is not in it; those that hold no more than `mostG` in all. */
function distinctSubsets(cans: readonly HeldCan[], mostG = Number.POSITIVE_INFINITY): Subset[] {
  const groups: HeldCan[][] = [];
  for (const c of cans) {
    const same = groups.find((g) => g[0]!.size === c.size && Math.abs(g[0]!.fuelG - c.fuelG) <= EMPTY_G);
    if (same) same.push(c);
    else groups.push([c]);
  }
  let sets: Subset[] = [{ chosen: [], others: [], fuelG: 0 }];
  for (const group of groups) {
    const longer: Subset[] = [];
    for (const { chosen, others, fuelG } of sets)
      for (let n = 0; n <= group.length && fuelG + n * group[0]!.fuelG <= mostG; n++)
        longer.push({
          chosen: [...chosen, ...group.slice(0, n)],
          others: [...others, ...group.slice(n)],
          fuelG: fuelG + n * group[0]!.fuelG,
        });
    sets = longer;
  }
  return sets;
}
