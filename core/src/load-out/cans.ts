import { canBound, type CanBound } from './can-bound';
import { restBound, type RestBound } from './rest-bound';
import { done, refused, type Result } from '../errors';
import {
  everyUse,
  fresh,
  fuelIn,
  holdsAtLeast,
  leavings,
  partUsedIn,
  takings,
  tareIn,
  usualUse,
  type HeldCan,
  type OwnCan,
  type Taking,
} from './held-cans';
import { sumsToEnd } from '../numeric';
import { loadCost, type CanSize, type CanStage, type NoPlan } from '../carry';

/** How one stop is left. */
export interface CanStep {
  /** Bought, by size. */
  bought: number[];
  /** Of the walker's own, taken along here. */
  taken: HeldCan[];
  /** Left behind: empties, and part-used ones that are not worth their weight. */
  left: HeldCan[];
  /** What leaves the stop, in the order of use; empties that found no bin come last. */
  cans: HeldCan[];
  /** The same cans at the end of the carry. */
  after: HeldCan[];
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
interface Node {
  cans: readonly HeldCan[];
  fuelG: number;
  cost: number;
  price: number;
  step: CanStep;
  from: Node | undefined;
  /** Numbers of the own cans that are still at home. */
  untaken: readonly number[];
  /** In cans that were there before, at the end of each carry so far, g: of two plans that cost the same the one that uses them up first is taken. */
  ownLeftG: number;
}

/** The lesser cost, and at the same cost what was there before used first. */
const isBetter = (a: Pick<Node, 'cost' | 'ownLeftG'>, b: Pick<Node, 'cost' | 'ownLeftG'>): boolean =>
  a.cost < b.cost - EPS || (a.cost <= b.cost + EPS && a.ownLeftG < b.ownLeftG - EPS);
const ownFuelIn = (cans: readonly HeldCan[]): number => cans.reduce((sum, c) => (c.own === undefined ? sum : sum + c.fuelG), 0);

/** Prices break ties between equal weights, and only those. */
const TIE = 1e-6;
const EPS = 1e-9;
/** Width of the beam that finds a good plan first. */
const BEAM_WIDTH = 6;
const BEAM_CEILING = 1.3;
/** Ways of leaving a stop that the beam looks at, times its width. */
const BEAM_CANDIDATES = 4;
/** The beam buys for no longer than through the next few stops with a shop. */
const BEAM_SHOPS = 3;
/** States and purchases that the exact search looks at before it gives up on a long trip and keeps what the beam found. */
export const MOST_LOOKS = 60_000;
/** After so many a bound by the very cans is made, which is dearer and much closer. */
const FIRST_LOOKS = 6000;
/** The least plan is looked for below so many times what none can undercut, then below more: most lie close above it. */
const CEILINGS = [1.03, 1.1, 1.2, 1.3, 2];
/** Finer cells where the first leave too much open. */
const CELLS_A_GRAM = [1, 4];
const WIDE_BEAM = 30;
const CLOSE_CEILINGS = [1 + 1e-6, 1.0005, 1.002, 1.005, 1.01, 1.02, 1.05];

/**
 * The load-outs of a trip on cans, exactly: dynamic programming over the stops with the cans held, each with its own fill, as the state.
 *
 * Cans are used up one after another, in every order that may matter, and no second one is opened beside one in use: what is emptied can be
 * left at a bin, and what is left with fuel in it is lost. At each stop every set of cans to leave is tried, and every purchase of a stated
 * form: no can is added once the smaller ones hold what the rest of the trip asks for, and the largest can besides where a bin lies ahead.
 * Two cuts, neither of which loses the optimum:
 * - a state or purchase is dropped when its cost and the least that the rest can cost (RestBound) exceed a ceiling: one that rises from just
 *   above the bound until a plan lies below it, then, where none does, the plan that a narrow beam finds;
 * - a state is dropped when another one has at least its cans and its fuel and is so much cheaper that it could carry what is more of both
 *   to the end.
 * Where the bound by fuel alone (RestBound) leaves too much to look at, as on dozens of scattered stops, the one by the very cans (CanBound)
 * takes its place.
 *
 * `gramsPerPrice` is what a unit of money is worth to the walker, in units of the measure; `start` what is held on coming to the first stop;
 * `own` what of the walker's may be taken along on the way, each can where it is: every set of them is tried, and none costs anything but
 * its weight. After `mostLooks` the narrow beam's plan is kept, which is not proven to be the least. Where a plan is known already, one that
 * costs no more is looked for first.
 */
export function bestCans(
  sizes: readonly CanSize[],
  stages: readonly CanStage[],
  gramsPerPrice = 0,
  start: readonly HeldCan[] = [],
  mostLooks = MOST_LOOKS,
  own: readonly OwnCan[] = [],
  known?: Pick<CanPlan, 'cost' | 'price'>,
): Result<CanPlan, NoPlan> {
  const { toCome, spareG } = mostLooks > 0 ? { toCome: requirements(stages), spareG: spares(sizes, stages) } : beamReach(stages);
  const mostG =
    Math.max(0, ...toCome.map((g, i) => g + spareG[i])) +
    Math.max(...sizes.map((z) => z.netG)) +
    fuelIn(start) +
    fuelIn(own) +
    pinnedOf(sizes, stages);
  const problem: Problem = {
    sizes,
    stages,
    gramsPerPrice,
    restWeight: sumsToEnd(stages.map((s) => s.weight)),
    rest: restBound(sizes, stages, gramsPerPrice, mostG, own.length > 0 || partUsedIn(sizes, start) > 1, own),
    spareG,
    start,
    own,
    toCome,
  };
  const boundCost = boundOf(problem);
  const ceilings = CEILINGS.map((factor) => factor * boundCost);
  if (known) ceilings.unshift(known.cost + TIE * known.price);
  const found =
    belowCeilings(problem, ceilings, Math.min(mostLooks, FIRST_LOOKS)) ?? closely(problem, mostLooks) ?? aboveCeilings(problem, mostLooks);
  if (!found.ok) return found;
  const { exact, node: best } = found.value;
  const steps: CanStep[] = [];
  for (let n: Node | undefined = best; n?.from; n = n.from) steps.unshift(n.step);
  const cost = best.cost - TIE * best.price;
  return done({ steps, cost, price: best.price, exact, boundCost: exact ? cost : found.value.boundCost });
}

interface Best {
  node: Node;
  exact: boolean;
  boundCost: number;
}

/** What no plan can undercut. */
const boundOf = ({ byCans, rest, start }: Problem): number => (byCans ? byCans.arriving(0, start) : rest.arriving(0, fuelIn(start)));

/** The least plan, where one costs no more than a ceiling that is reached in so many looks. */
function belowCeilings(p: Problem, ceilings: readonly number[], mostLooks: number): Result<Best, NoPlan> | undefined {
  const boundCost = boundOf(p);
  if (mostLooks <= 0 || !Number.isFinite(boundCost)) return undefined;
  for (const known of ceilings) {
    const found = search(p, { known, width: Number.POSITIVE_INFINITY, mostLooks });
    if (found.ok) return done({ node: found.value, exact: true, boundCost });
    if (found.problem.code === 'gaveUp') return undefined;
  }
  return undefined;
}

/** The least plan by the closer bound, or what a beam finds by it; undefined where it cannot be made, or nothing is found. */
function closely(p: Problem, mostLooks: number): Result<Best, NoPlan> | undefined {
  if (mostLooks <= 0 || p.own.length > 0 || partUsedIn(p.sizes, p.start) > 1) return undefined;
  let close = p;
  for (const parts of CELLS_A_GRAM) {
    const byCans = canBound(p.sizes, p.stages, p.gramsPerPrice, p.start, parts);
    if (!byCans) break;
    close = { ...p, byCans };
    const closeBound = boundOf(close);
    const least = belowCeilings(
      close,
      CLOSE_CEILINGS.map((factor) => factor * closeBound),
      mostLooks,
    );
    if (least) return least;
  }
  if (!close.byCans) return undefined;
  const beam = search({ ...close, ...beamReach(p.stages) }, { known: Number.POSITIVE_INFINITY, width: WIDE_BEAM });
  return beam.ok ? done({ node: beam.value, exact: false, boundCost: boundOf(close) }) : undefined;
}

/** The least plan below what a narrow beam finds, or that one where there is too much to look at. */
function aboveCeilings(p: Problem, mostLooks: number): Result<Best, NoPlan> {
  // a beam alone has been given its own already
  const beamed = mostLooks > 0 ? { ...p, ...beamReach(p.stages) } : p;
  const beam = narrowBeam(beamed);
  const known = beam.ok ? beam.value.cost : Number.POSITIVE_INFINITY;
  const all: Found = mostLooks > 0 ? search(p, { known, width: Number.POSITIVE_INFINITY, mostLooks }) : GAVE_UP;
  const exact = all.ok || all.problem.code !== 'gaveUp';
  const found = exact ? all : beam;
  if (found.ok) return done({ node: found.value, exact, boundCost: boundOf(p) });
  return found.problem.code === 'gaveUp'
    ? refused({ code: 'short', stage: 0, needG: p.stages[0].needG, mostG: 0 })
    : refused(found.problem);
}

/** What a narrow beam finds: looked for not far above the bound first, which leaves out what it would drop later. */
function narrowBeam(p: Problem): Found {
  const near = search(p, { known: BEAM_CEILING * boundOf(p), width: BEAM_WIDTH });
  return near.ok ? near : search(p, { known: Number.POSITIVE_INFINITY, width: BEAM_WIDTH });
}

interface Problem {
  sizes: readonly CanSize[];
  stages: readonly CanStage[];
  gramsPerPrice: number;
  /** Sum of the weights from each stage to the end. */
  restWeight: readonly number[];
  rest: RestBound;
  byCans?: CanBound | undefined;
  /** Fuel beyond what the rest of the trip asks for that may be bought at each stage, g. */
  spareG: readonly number[];
  /** The walker's own that may be taken along. */
  own: readonly OwnCan[];
  /** Held on coming to the first stop. */
  start: readonly HeldCan[];
  /** Fuel that on leaving each stage lasts as far as purchases are made for, g. */
  toCome: readonly number[];
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
const GAVE_UP: Found = refused({ code: 'gaveUp' });

/** Stage by stage, the cheapest way to every state worth keeping, at most `width` of them; the last one's cheapest. */
function search(p: Problem, { known, width, mostLooks = Number.POSITIVE_INFINITY }: Limits): Found {
  const { sizes, stages, restWeight, rest, byCans, start } = p;
  const none: CanStep = { bought: [], taken: [], left: [], cans: [], after: [], fuelG: 0 };
  const untaken = p.own.map((_, n) => n);
  let front: Node[] = [{ cans: start, fuelG: fuelIn(start), cost: 0, price: 0, step: none, from: undefined, untaken, ownLeftG: 0 }];
  let looks = 0;
  for (let i = 0; i < stages.length; i++) {
    const stage = stages[i];
    const { burntG } = stage;
    // which can is emptied matters only where one can still be left
    const binAhead = stages.slice(i + 1).some((s) => s.bin);
    const best = new Map<string, Node>();
    for (const { node, kept, left, taking, purchase } of candidates(p, i, front, known, width)) {
      const { bought, spent, cost, leavingG } = purchase;
      const { taken, untaken } = taking;
      const on = [...kept, ...taken, ...fresh(sizes, bought)];
      for (const { cans, after, state } of binAhead ? everyUse(sizes, on, burntG) : [usualUse(sizes, on, burntG)]) {
        if (++looks > mostLooks) return GAVE_UP;
        if (byCans && cost + byCans.arriving(i + 1, after) > known + EPS) continue;
        const key = p.own.length ? `${state}|${untaken.join()}` : state;
        const ownLeftG = node.ownLeftG + ownFuelIn(after);
        const other = best.get(key);
        if (other && !isBetter({ cost, ownLeftG }, other)) continue;
        const step = { bought, taken, left, cans, after, fuelG: leavingG };
        best.set(key, { cans: after, fuelG: leavingG - burntG, cost, price: node.price + spent, step, from: node, untaken, ownLeftG });
      }
    }
    if (!best.size) return refused({ code: 'short', stage: i, needG: stage.needG, mostG: mostAt(p, front, stage) });
    front = undominated([...best.values()], sizes, restWeight[i + 1]);
    front = narrowed(front, width, (n) => n.cost + (byCans ? byCans.arriving(i + 1, n.cans) : rest.arriving(i + 1, n.fuelG)));
  }
  return done(front.reduce((a, b) => (isBetter(b, a) ? b : a)));
}

interface Candidate {
  node: Node;
  kept: HeldCan[];
  left: HeldCan[];
  taking: Taking;
  purchase: Purchase;
}

/** Ways of leaving stage `i` that may still beat the plan known; a beam of some width looks at the most promising only. */
function candidates(p: Problem, i: number, front: readonly Node[], known: number, width: number): Candidate[] {
  const most = width * BEAM_CANDIDATES;
  let found: Candidate[] = [];
  let worst = known; // of those that are kept: nothing dearer need be looked at
  for (const node of front) {
    for (const { kept, left } of leavings(node.cans, p.stages[i].bin))
      for (const taking of takings(p.own, node.untaken, i))
        for (const purchase of purchases(p, i, node.cost, taking.taken.length ? [...kept, ...taking.taken] : kept, worst)) {
          if (purchase.promise <= worst + EPS) found.push({ node, kept, left, taking, purchase });
        }
    if (found.length <= most) continue;
    found = narrowed(found, most, (c) => c.purchase.promise);
    worst = found[most - 1].purchase.promise;
  }
  return found;
}

/** The most promising by cost and bound. */
const narrowed = <T>(list: readonly T[], width: number, promise: (of: T) => number): T[] =>
  list.length > width ? [...list].sort((a, b) => promise(a) - promise(b)).slice(0, width) : [...list];

const netOf = (sizes: readonly CanSize[], counts: readonly number[]): number => counts.reduce((sum, n, k) => sum + n * sizes[k].netG, 0);

/** What could be on hand at a stage where there is not enough, g. */
function mostAt({ sizes }: Problem, front: readonly Node[], stage: CanStage): number {
  const boughtG = netOf(sizes, stage.pinned ?? sizes.map(() => 0));
  return Math.max(0, ...front.map((n) => n.fuelG + boughtG));
}

/** Fuel that on leaving each stage would last, with every reserve, to the end or through the next `shops` stages that sell any, g. */
function requirements(stages: readonly CanStage[], shops = Number.POSITIVE_INFINITY): number[] {
  return stages.map((_, i) => {
    let burnt = 0;
    let most = 0;
    let passed = 0;
    for (let j = i; j < stages.length && passed <= shops; j++) {
      most = Math.max(most, burnt + stages[j].needG);
      burnt += stages[j].burntG;
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

/** How much a beam buys at each stage: for the next few shops, and nothing to spare. */
const beamReach = (stages: readonly CanStage[]): Pick<Problem, 'toCome' | 'spareG'> => ({
  toCome: requirements(stages, BEAM_SHOPS),
  spareG: stages.map(() => 0),
});

const pinnedOf = (sizes: readonly CanSize[], stages: readonly CanStage[]): number =>
  stages.reduce((sum, s) => sum + netOf(sizes, s.pinned ?? []), 0);

interface Purchase {
  bought: number[];
  spent: number;
  /** Of everything so far, this stage's carrying included. */
  cost: number;
  leavingG: number;
  /** What the whole trip costs so at least. */
  promise: number;
}

/** Purchases worth making: enough for the stage, of the stated form, and no dearer than the plan known. */
function purchases(p: Problem, i: number, costSoFar: number, kept: readonly HeldCan[], known: number): Purchase[] {
  const { sizes, gramsPerPrice, rest, byCans } = p;
  const stage = p.stages[i];
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
    const { netG, tareG: canG } = sizes[k];
    for (let n = 1; haveG + (n - 1) * netG < p.toCome[i] + p.spareG[i] - EPS; n++) {
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
        bought.reduce((sum, n, k) => sum + n * sizes[k].tareG, keptTareG),
        bought.reduce((sum, n, k) => sum + n * (stage.prices[k] ?? 0), 0),
      );
  }
  return found;
}

/**
 * Leaves out a state where another with at least its cans, each at least as full, and at least as many at home, is so much cheaper that it
 * could carry all that is more of both to the end. (It can do whatever the other does: keep the same cans, and what is more besides.)
 */
function undominated(nodes: Node[], sizes: readonly CanSize[], weightLeft: number): Node[] {
  nodes.sort((a, b) => a.cost - b.cost);
  const kept: { node: Node; massG: number }[] = [];
  for (const node of nodes) {
    const massG = node.fuelG + tareIn(sizes, node.cans);
    const isBeaten = kept.some(
      (k) =>
        k.node.cost + (k.massG - massG) * weightLeft <= node.cost + EPS &&
        holdsAtLeast(k.node.cans, node.cans) &&
        node.untaken.every((n) => k.node.untaken.includes(n)),
    );
    if (!isBeaten) kept.push({ node, massG });
  }
  return kept.map((k) => k.node);
}
