import { EPS, netOf, purchases, type Problem, type Purchase } from './can-purchases';
import {
  everyUse,
  fresh,
  fuelIn,
  holdsAtLeast,
  leaveOptions,
  takeOptions,
  tareIn,
  usualUse,
  type CanUse,
  type HeldCan,
  type Taking,
} from './held-cans';
import { done, refused, type Result } from '../../foundation/errors';
import type { CanSize, CanStage, NoPlan } from '../../domain/carry';

/** What happens at one stop. */
export interface CanStep {
  /** Bought, by size. */
  bought: number[];
  /** The hiker's own cans packed here. */
  taken: HeldCan[];
  /** Left at the bin: empties, and part-used cans not worth their weight. */
  left: HeldCan[];
  /** Cans that leave the stop in order of use; empties carried for want of a bin come last. */
  cans: HeldCan[];
  /** The same cans at the end of the carry. */
  after: HeldCan[];
  /** Fuel on hand when leaving, g. */
  fuelG: number;
}
/** A state of the search: the end of a carry-out, and how it was reached. */
export interface Node {
  cans: readonly HeldCan[];
  fuelG: number;
  cost: number;
  price: number;
  step: CanStep;
  from: Node | undefined;
  /** Own cans still at home, by number. */
  untaken: readonly number[];
  /** Fuel in cans owned before the trip, summed over the ends of carry-outs, g. It breaks ties: own cans are used up first. */
  ownLeftG: number;
}

/** Lower cost; at equal cost, own cans used up first. */
const isBetter = (a: Pick<Node, 'cost' | 'ownLeftG'>, b: Pick<Node, 'cost' | 'ownLeftG'>): boolean =>
  a.cost < b.cost - EPS || (a.cost <= b.cost + EPS && a.ownLeftG < b.ownLeftG - EPS);
const ownFuelIn = (cans: readonly HeldCan[]): number => cans.reduce((sum, c) => (c.own === undefined ? sum : sum + c.fuelG), 0);

/** Candidates per stop in the beam search, as a multiple of its width. */
const BEAM_CANDIDATES = 4;

interface Limits {
  /** Cost of a plan already found. */
  known: number;
  /** States kept at each stage. */
  width: number;
  mostLooks?: number;
}
/** The limit of states was reached. */
interface GaveUp {
  code: 'gaveUp';
}
export type Found = Result<Node, NoPlan | GaveUp>;
export const GAVE_UP: Found = refused({ code: 'gaveUp' });

/** Dynamic programming, stage by stage: the cheapest way to every state worth keeping, at most `width` of them. Returns the cheapest end. */
export function search(p: Problem, { known, width, mostLooks = Number.POSITIVE_INFINITY }: Limits): Found {
  const { sizes, stages, restWeight, byCans, start } = p;
  const none: CanStep = { bought: [], taken: [], left: [], cans: [], after: [], fuelG: 0 };
  const untaken = p.own.map((_, n) => n);
  let front: Node[] = [{ cans: start, fuelG: fuelIn(start), cost: 0, price: 0, step: none, from: undefined, untaken, ownLeftG: 0 }];
  let looks = 0;
  for (let i = 0; i < stages.length; i++) {
    const stage = stages[i]!;
    const { burntG } = stage;
    // the order of use matters only if a can may still be left at a bin
    const binAhead = stages.slice(i + 1).some((s) => s.bin);
    const best = new Map<string, Node>();
    for (const candidate of candidates(p, i, front, known, width)) {
      const { cost, bought } = candidate.purchase;
      const { taken, untaken } = candidate.taking;
      const on = [...candidate.kept, ...taken, ...fresh(sizes, bought)];
      for (const use of binAhead ? everyUse(sizes, on, burntG) : [usualUse(sizes, on, burntG)]) {
        if (++looks > mostLooks) return GAVE_UP;
        if (byCans && cost + byCans.arriving(i + 1, use.after) > known + EPS) continue;
        const key = `${use.state}|${untaken.join()}`;
        const ownLeftG = candidate.node.ownLeftG + ownFuelIn(use.after);
        const other = best.get(key);
        if (!other || isBetter({ cost, ownLeftG }, other)) best.set(key, nodeOf(candidate, use, burntG, ownLeftG));
      }
    }
    if (!best.size) return refused({ code: 'short', stage: i, needG: stage.needG, mostG: mostAt(p, front, stage) });
    front = undominated([...best.values()], sizes, restWeight[i + 1]!);
    front = narrowed(front, width, (n) => n.cost + leastToCome(p, i + 1, n));
  }
  return done(front.reduce((a, b) => (isBetter(b, a) ? b : a)));
}

/** Lower bound on the rest from a stage on. */
const leastToCome = ({ byCans, rest }: Problem, stage: number, { cans, fuelG }: Node): number =>
  byCans ? byCans.arriving(stage, cans) : rest.arriving(stage, fuelG);

/** The state after a carry-out that starts with this candidate and uses its cans in this order. */
function nodeOf({ node, left, taking, purchase }: Candidate, { cans, after }: CanUse, burntG: number, ownLeftG: number): Node {
  const { bought, spent, cost, leavingG } = purchase;
  const { taken, untaken } = taking;
  const step = { bought, taken, left, cans, after, fuelG: leavingG };
  return { cans: after, fuelG: leavingG - burntG, cost, price: node.price + spent, step, from: node, untaken, ownLeftG };
}

interface Candidate {
  node: Node;
  kept: HeldCan[];
  left: HeldCan[];
  taking: Taking;
  purchase: Purchase;
}

/** Ways of leaving stage `i` whose bound is below the known cost; a beam keeps the most promising only. */
function candidates(p: Problem, i: number, front: readonly Node[], known: number, width: number): Candidate[] {
  const most = width * BEAM_CANDIDATES;
  let found: Candidate[] = [];
  let worst = known; // the dearest one kept: anything above it can be skipped
  for (const node of front) {
    for (const { kept, left } of leaveOptions(node.cans, p.stages[i]!.bin))
      for (const taking of takeOptions(p.own, node.untaken, i))
        for (const purchase of purchases(p, i, node.cost, taking.taken.length ? [...kept, ...taking.taken] : kept, worst)) {
          if (purchase.promise <= worst + EPS) found.push({ node, kept, left, taking, purchase });
        }
    if (found.length <= most) continue;
    found = narrowed(found, most, (c) => c.purchase.promise);
    worst = found[most - 1]!.purchase.promise;
  }
  return found;
}

/** The most promising by cost and bound. */
const narrowed = <T>(list: readonly T[], width: number, promise: (of: T) => number): T[] =>
  list.length > width ? [...list].sort((a, b) => promise(a) - promise(b)).slice(0, width) : [...list];

/** The most fuel that can be on hand at a stage that falls short, g. */
function mostAt({ sizes }: Problem, front: readonly Node[], stage: CanStage): number {
  const boughtG = netOf(sizes, stage.pinned ?? sizes.map(() => 0));
  return Math.max(0, ...front.map((n) => n.fuelG + boughtG));
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
