import { restBound, type RestBound } from './rest-bound';
import { done, refused, type Result } from '../../errors';
import { burntOf, loadCost, weightOf, type CanSize, type CanStage, type NoPlan } from './stage';

/** How one stop is left. */
export interface CanStep {
  /** Containers bought, left behind and held when leaving, by size; `held` counts empties that found no bin. */
  bought: number[];
  left: number[];
  held: number[];
  /** Fuel on hand when leaving, g. */
  fuelG: number;
}
export interface CanPlan {
  steps: CanStep[];
  /** Carried weight by the chosen measure and price times the price of a gram. */
  cost: number;
  price: number;
  /** Proven to be the least; false only on trips too long to be searched through. */
  exact: boolean;
  /** What no plan can undercut. */
  boundCost: number;
}
/** Containers by size and the fuel in them, g. */
export interface Held {
  held: number[];
  fuelG: number;
}
interface Node extends Held {
  cost: number;
  price: number;
  step: CanStep;
  from: Node | undefined;
}

/** Prices break ties between equal weights, and only those. */
const TIE = 1e-6;
const EPS = 1e-9;
/** Width of the beam that finds a good plan first. */
const BEAM_WIDTH = 6;
/** The beam buys for no longer than through the next few stops with a shop. */
const BEAM_SHOPS = 3;
/** States and purchases that the exact search looks at before it gives up on a long trip and keeps what the beam found. */
const MOST_LOOKS = 60_000;

/**
 * The load-outs of a trip on cans, exactly: dynamic programming over the stops with the containers held and the fuel in them as the state.
 *
 * Cans are used in whatever order suits, so any set of held cans whose net mass is no more than what has been burnt may be empty and
 * be left at a bin; leaving more leaves fuel, as much as the kept ones cannot hold. At each stop every set of cans to leave is tried, and
 * every purchase of a stated form: no can is added once the smaller ones hold what the rest of the trip asks for, and the largest can
 * besides where a bin lies ahead. Two cuts, neither of which loses the optimum:
 * - a state or purchase is dropped when its cost and the least that the rest can cost (RestBound) exceed a plan already known, which a
 *   narrow beam finds first;
 * - a state is dropped when another one has at least its cans and its fuel and is so much cheaper that it could carry what is more of both
 *   to the end.
 *
 * `gramsPerPrice` is what a unit of money is worth to the walker, in units of the measure; `start` what is held on coming to the first stop.
 */
export function bestCans(
  sizes: readonly CanSize[],
  stages: readonly CanStage[],
  gramsPerPrice = 0,
  start: Held = { held: sizes.map(() => 0), fuelG: 0 },
): Result<CanPlan, NoPlan> {
  const toCome = requirements(stages);
  const spareG = spares(sizes, stages);
  const mostG =
    Math.max(0, ...toCome.map((g, i) => g + spareG[i])) + Math.max(...sizes.map((z) => z.netG)) + start.fuelG + pinnedOf(sizes, stages);
  const problem: Problem = {
    sizes,
    stages,
    gramsPerPrice,
    restWeight: suffix(stages, weightOf),
    rest: restBound(sizes, stages, gramsPerPrice, mostG),
    spareG,
  };
  const beam = search(problem, start, requirements(stages, BEAM_SHOPS), { known: Number.POSITIVE_INFINITY, width: BEAM_WIDTH });
  const known = beam.ok ? beam.value.cost : Number.POSITIVE_INFINITY;
  const all = search(problem, start, toCome, { known, width: Number.POSITIVE_INFINITY, mostLooks: MOST_LOOKS });
  const exact = all.ok || all.problem.code !== 'gaveUp';
  const found = exact ? all : beam;
  if (!found.ok)
    return found.problem.code === 'gaveUp'
      ? refused({ code: 'short', stage: 0, needG: stages[0].needG, mostG: 0 })
      : refused(found.problem);
  const best = found.value;
  const steps: CanStep[] = [];
  for (let n: Node | undefined = best; n?.from; n = n.from) steps.unshift(n.step);
  const cost = best.cost - TIE * best.price;
  return done({ steps, cost, price: best.price, exact, boundCost: exact ? cost : problem.rest.arriving(0, start.fuelG) });
}

interface Problem {
  sizes: readonly CanSize[];
  stages: readonly CanStage[];
  gramsPerPrice: number;
  /** Sum of the weights from each stage to the end. */
  restWeight: readonly number[];
  rest: RestBound;
  /** Fuel beyond what the rest of the trip asks for that may be bought at each stage, g. */
  spareG: readonly number[];
}

interface Limits {
  /** Cost of a plan already found. */
  known: number;
  /** States kept at each stage. */
  width: number;
  mostLooks?: number;
}
/** The search has looked at as many states as it may. */
interface GaveUp {
  code: 'gaveUp';
}
type Found = Result<Node, NoPlan | GaveUp>;

/** Stage by stage, the cheapest way to every state worth keeping, at most `width` of them; the last one's cheapest. */
function search(p: Problem, start: Held, toCome: readonly number[], { known, width, mostLooks = Number.POSITIVE_INFINITY }: Limits): Found {
  const { sizes, stages, restWeight, rest } = p;
  let front: Node[] = [{ ...start, cost: 0, price: 0, step: { bought: [], left: [], held: [], fuelG: 0 }, from: undefined }];
  let looks = 0;
  for (let i = 0; i < stages.length; i++) {
    const stage = stages[i];
    const burntG = burntOf(stage);
    const best = new Map<string, Node>();
    for (const node of front)
      for (const kept of leavings(sizes, node, stage.bin))
        for (const { bought, spent, cost, leavingG } of purchases(p, i, node.cost, kept, toCome[i], known)) {
          if (++looks > mostLooks) return refused({ code: 'gaveUp' });
          if (cost + rest.arriving(i + 1, leavingG - burntG) > known + EPS) continue;
          const now = kept.held.map((h, k) => h + bought[k]);
          const key = `${now.join()}|${Math.round(1000 * leavingG)}`;
          const other = best.get(key);
          if (other && other.cost <= cost) continue;
          const step = { bought, left: kept.left, held: now, fuelG: leavingG };
          best.set(key, { held: now, fuelG: leavingG - burntG, cost, price: node.price + spent, step, from: node });
        }
    if (!best.size) return refused({ code: 'short', stage: i, needG: stage.needG, mostG: mostAt(p, front, stage) });
    front = undominated([...best.values()], sizes, restWeight[i + 1]);
    if (front.length > width) front = narrowed(front, width, (n) => n.cost + rest.arriving(i + 1, n.fuelG));
  }
  return done(front.reduce((a, b) => (b.cost < a.cost ? b : a)));
}

/** The most promising by cost and bound. */
const narrowed = (front: readonly Node[], width: number, promise: (n: Node) => number): Node[] =>
  [...front].sort((a, b) => promise(a) - promise(b)).slice(0, width);

const netOf = (sizes: readonly CanSize[], counts: readonly number[]): number => counts.reduce((sum, n, k) => sum + n * sizes[k].netG, 0);
const tareOf = (sizes: readonly CanSize[], counts: readonly number[]): number => counts.reduce((sum, n, k) => sum + n * sizes[k].tareG, 0);

/** What could be on hand at a stage where there is not enough, g. */
function mostAt({ sizes }: Problem, front: readonly Held[], stage: CanStage): number {
  const boughtG = netOf(sizes, stage.pinned ?? sizes.map(() => 0));
  return Math.max(0, ...front.map((n) => n.fuelG + boughtG));
}

/** Sums from each stage to the end; one entry more than stages. */
function suffix<T>(stages: readonly T[], of: (s: T) => number): number[] {
  const sums = Array.from({ length: stages.length + 1 }, () => 0);
  for (let i = stages.length - 1; i >= 0; i--) sums[i] = sums[i + 1] + of(stages[i]);
  return sums;
}

/** Fuel that on leaving each stage would last, with every reserve, to the end or through the next `shops` stages that sell any, g. */
function requirements(stages: readonly CanStage[], shops = Number.POSITIVE_INFINITY): number[] {
  return stages.map((_, i) => {
    let burnt = 0;
    let most = 0;
    let passed = 0;
    for (let j = i; j < stages.length && passed <= shops; j++) {
      most = Math.max(most, burnt + stages[j].needG);
      burnt += burntOf(stages[j]);
      if (stages[j + 1]?.prices.some((x) => x !== undefined)) passed++;
    }
    return most;
  });
}

/**
 * Where a bin lies ahead, so much fuel beyond what the rest of the trip asks for may be bought, g: a can more than the fuel asks for can
 * pay, when it is what is kept while a heavier one is left behind half full.
 */
function spares(sizes: readonly CanSize[], stages: readonly CanStage[]): number[] {
  const largestG = Math.max(...sizes.map((z) => z.netG));
  return stages.map((_, i) => (stages.slice(i + 1).some((s) => s.bin) ? largestG : 0));
}

const pinnedOf = (sizes: readonly CanSize[], stages: readonly CanStage[]): number =>
  stages.reduce((sum, s) => sum + netOf(sizes, s.pinned ?? []), 0);

/** Every set of cans that may be left, with what is kept; none without a bin. One that is empty may be worth keeping: another is left later in its place. */
function* leavings(sizes: readonly CanSize[], { held, fuelG }: Held, bin: boolean): Generator<Held & { left: number[] }> {
  if (!bin) {
    yield { left: held.map(() => 0), held, fuelG };
    return;
  }
  for (const kept of counts(held)) {
    const roomG = netOf(sizes, kept);
    const stays = Math.min(fuelG, roomG);
    yield { left: held.map((h, k) => h - kept[k]), held: kept, fuelG: stays };
  }
}

/** All vectors from 0 up to `most`. */
function* counts(most: readonly number[], k = 0, head: number[] = []): Generator<number[]> {
  if (k === most.length) {
    yield head;
    return;
  }
  for (let n = 0; n <= most[k]; n++) yield* counts(most, k + 1, [...head, n]);
}

interface Purchase {
  bought: number[];
  spent: number;
  /** Of everything so far, this stage's carrying included. */
  cost: number;
  leavingG: number;
}

/** Purchases worth making: enough for the stage, of the stated form, and no dearer than the plan known. */
function purchases(p: Problem, i: number, costSoFar: number, kept: Held, toComeG: number, known: number): Purchase[] {
  const { sizes, gramsPerPrice, rest } = p;
  const stage = p.stages[i];
  const weight = weightOf(stage);
  const each = sizes.map((s, k) => weight * (s.netG + s.tareG) + (stage.prices[k] ?? 0) * (gramsPerPrice + TIE));
  const bought = sizes.map(() => 0);
  const found: Purchase[] = [];
  const take = (leavingG: number, cost: number): void => {
    const spent = bought.reduce((sum, n, k) => sum + n * (stage.prices[k] ?? 0), 0);
    found.push({ bought: [...bought], cost, spent, leavingG });
  };
  const grow = (k: number, haveG: number, cost: number): void => {
    if (costSoFar + rest.buying(i, haveG) > known + EPS) return;
    if (k === sizes.length) {
      if (haveG >= stage.needG - EPS) take(haveG, cost);
      return;
    }
    grow(k + 1, haveG, cost);
    if (stage.prices[k] === undefined) return;
    for (let n = 1; haveG + (n - 1) * sizes[k].netG < toComeG + p.spareG[i] - EPS; n++) {
      bought[k] = n;
      grow(k + 1, haveG + n * sizes[k].netG, cost + n * each[k]);
    }
    bought[k] = 0;
  };
  const base = costSoFar + loadCost(stage, kept.fuelG, tareOf(sizes, kept.held));
  if (!stage.pinned) grow(0, kept.fuelG, base);
  else {
    stage.pinned.forEach((n, k) => (bought[k] = n));
    const leavingG = kept.fuelG + netOf(sizes, bought);
    if (leavingG >= stage.needG - EPS)
      take(
        leavingG,
        bought.reduce((sum, n, k) => sum + n * each[k], base),
      );
  }
  return found;
}

/**
 * Leaves out a state where another with at least its cans and at least its fuel is so much cheaper that it could carry all that is more of
 * both to the end. (It can do whatever the other does: keep the same cans, and what is more besides.)
 */
function undominated(nodes: Node[], sizes: readonly CanSize[], weightLeft: number): Node[] {
  nodes.sort((a, b) => a.cost - b.cost);
  const kept: Node[] = [];
  for (const n of nodes) {
    const beaten = kept.some(
      (k) =>
        k.fuelG >= n.fuelG - EPS &&
        k.held.every((h, i) => h >= n.held[i]) &&
        k.cost + (k.fuelG - n.fuelG + tareOf(sizes, k.held) - tareOf(sizes, n.held)) * weightLeft <= n.cost + EPS,
    );
    if (!beaten) kept.push(n);
  }
  return kept;
}
