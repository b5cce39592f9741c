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
/** A way to come to the end of a carry. */
export interface Node {
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

/** Ways of leaving a stop that the beam looks at, times its width. */
const BEAM_CANDIDATES = 4;

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
export type Found = Result<Node, NoPlan | GaveUp>;
export const GAVE_UP: Found = refused({ code: 'gaveUp' });

/** Stage by stage, the cheapest way to every state worth keeping, at most `width` of them; the last one's cheapest. */
export function search(p: Problem, { known, width, mostLooks = Number.POSITIVE_INFINITY }: Limits): Found {
  const { sizes, stages, restWeight, byCans, start } = p;
  const none: CanStep = { bought: [], taken: [], left: [], cans: [], after: [], fuelG: 0 };
  const untaken = p.own.map((_, n) => n);
  let front: Node[] = [{ cans: start, fuelG: fuelIn(start), cost: 0, price: 0, step: none, from: undefined, untaken, ownLeftG: 0 }];
  let looks = 0;
  for (let i = 0; i < stages.length; i++) {
    const stage = stages[i]!;
    const { burntG } = stage;
    // which can is emptied matters only where one can still be left
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

/** The least that the rest can cost on coming to a stage so. */
const leastToCome = ({ byCans, rest }: Problem, stage: number, { cans, fuelG }: Node): number =>
  byCans ? byCans.arriving(stage, cans) : rest.arriving(stage, fuelG);

/** The end of a carry that begins by one of the candidates and uses its cans so. */
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

/** Ways of leaving stage `i` that may still beat the plan known; a beam of some width looks at the most promising only. */
function candidates(p: Problem, i: number, front: readonly Node[], known: number, width: number): Candidate[] {
  const most = width * BEAM_CANDIDATES;
  let found: Candidate[] = [];
  let worst = known; // of those that are kept: nothing dearer need be looked at
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

/** What could be on hand at a stage where there is not enough, g. */
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
