import { canBound } from './can-bound';
import { netOf, TIE, type Problem } from './can-purchases';
import { GAVE_UP, search, type CanStep, type Found, type Node } from './can-search';
import { restBound, type RestTables } from './rest-bound';
import { done, refused, type Result } from '../../foundation/errors';
import { fuelIn, partUsedIn, type HeldCan, type OwnCan } from './held-cans';
import { suffixSums } from '../../foundation/numeric';
import type { CanSize, CanStage, NoPlan } from '../../domain/carry';

/** Load-outs for every stop of a trip. */
export interface CanPlan {
  steps: CanStep[];
  /** Carried weight by the chosen measure and price times the price of a gram. */
  cost: number;
  price: number;
  /** Proven optimal; false only on trips too long to search. */
  exact: boolean;
  /** Lower bound on the cost of any plan. */
  boundCost: number;
}
/** Width of the beam that finds a good plan first. */
const BEAM_WIDTH = 6;
/** Ceilings of the beam search, as multiples of the lower bound. */
const BEAM_CEILINGS = [1.08, 1.15, 1.3];
/** The beam buys for this many shops ahead at most. */
const BEAM_SHOPS = 3;
/** States and purchases the exact search looks at before it keeps the plan of the beam. */
export const MOST_LOOKS = 60_000;
/** After this many, the closer and dearer bound by single cans is built. */
const FIRST_LOOKS = 6000;
/** Ceilings of the exact search, as multiples of the lower bound: most plans lie just above it. */
const CEILINGS = [1.03, 1.1, 1.2, 1.3, 2];
/** Finer cells are tried if the first leave the bound too low. */
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
 * costs no more is looked for first. `kept` holds tables of bounds that were made before.
 */
export function bestCans(
  sizes: readonly CanSize[],
  stages: readonly CanStage[],
  gramsPerPrice = 0,
  start: readonly HeldCan[] = [],
  mostLooks = MOST_LOOKS,
  own: readonly OwnCan[] = [],
  known?: Pick<CanPlan, 'cost' | 'price'>,
  kept?: RestTables,
): Result<CanPlan, NoPlan> {
  const { toCome, spareG } = mostLooks > 0 ? { toCome: requirements(stages), spareG: spares(sizes, stages) } : beamReach(stages);
  const mostG =
    Math.max(0, ...toCome.map((g, i) => g + spareG[i]!)) +
    Math.max(...sizes.map((z) => z.netG)) +
    fuelIn(start) +
    fuelIn(own) +
    pinnedOf(sizes, stages);
  const problem: Problem = {
    sizes,
    stages,
    gramsPerPrice,
    restWeight: suffixSums(stages.map((s) => s.weight)),
    rest: restBound(sizes, stages, gramsPerPrice, mostG, own.length > 0 || partUsedIn(sizes, start) > 1, own, kept),
    spareG,
    start,
    own,
    toCome,
  };
  const found =
    belowCeilings(problem, CEILINGS, Math.min(mostLooks, FIRST_LOOKS), known) ??
    closely(problem, mostLooks) ??
    aboveCeilings(problem, mostLooks);
  return found.ok ? done(planOf(found.value)) : found;
}

function planOf({ exact, node, boundCost }: Best): CanPlan {
  const steps: CanStep[] = [];
  for (let n: Node | undefined = node; n?.from; n = n.from) steps.unshift(n.step);
  const cost = node.cost - TIE * node.price;
  return { steps, cost, price: node.price, exact, boundCost: exact ? cost : boundCost };
}

interface Best {
  node: Node;
  exact: boolean;
  boundCost: number;
}

/** Lower bound on the cost of any plan. */
const boundOf = ({ byCans, rest, start }: Problem): number => (byCans ? byCans.arriving(0, start) : rest.arriving(0, fuelIn(start)));

/** The optimal plan if one lies below the known cost or a ceiling, within the limit of states. */
function belowCeilings(
  p: Problem,
  factors: readonly number[],
  mostLooks: number,
  known?: Pick<CanPlan, 'cost' | 'price'>,
): Result<Best, NoPlan> | undefined {
  const boundCost = boundOf(p);
  if (mostLooks <= 0 || !Number.isFinite(boundCost)) return undefined;
  const ceilings = factors.map((factor) => factor * boundCost);
  for (const ceiling of known ? [known.cost + TIE * known.price, ...ceilings] : ceilings) {
    const found = search(p, { known: ceiling, width: Number.POSITIVE_INFINITY, mostLooks });
    if (found.ok) return done({ node: found.value, exact: true, boundCost });
    if (found.problem.code === 'gaveUp') return undefined;
  }
  return undefined;
}

/** The optimal plan by the closer bound, or the beam's by it; undefined if the bound cannot be built or nothing is found. */
function closely(p: Problem, mostLooks: number): Result<Best, NoPlan> | undefined {
  if (mostLooks <= 0 || p.own.length > 0 || partUsedIn(p.sizes, p.start) > 1) return undefined;
  let close = p;
  for (const parts of CELLS_A_GRAM) {
    const byCans = canBound(p.sizes, p.stages, p.gramsPerPrice, p.start, parts);
    if (!byCans) break;
    close = { ...p, byCans };
    const least = belowCeilings(close, CLOSE_CEILINGS, mostLooks);
    if (least) return least;
  }
  if (!close.byCans) return undefined;
  const beam = search({ ...close, ...beamReach(p.stages) }, { known: Number.POSITIVE_INFINITY, width: WIDE_BEAM });
  return beam.ok ? done({ node: beam.value, exact: false, boundCost: boundOf(close) }) : undefined;
}

/** The optimal plan below the beam's, or the beam's if the search is too large. */
function aboveCeilings(p: Problem, mostLooks: number): Result<Best, NoPlan> {
  // a search by beam alone has its own limits already
  const beamed = mostLooks > 0 ? { ...p, ...beamReach(p.stages) } : p;
  const beam = narrowBeam(beamed);
  const known = beam.ok ? beam.value.cost : Number.POSITIVE_INFINITY;
  const all: Found = mostLooks > 0 ? search(p, { known, width: Number.POSITIVE_INFINITY, mostLooks }) : GAVE_UP;
  const exact = all.ok || all.problem.code !== 'gaveUp';
  const found = exact ? all : beam;
  if (found.ok) return done({ node: found.value, exact, boundCost: boundOf(p) });
  return found.problem.code === 'gaveUp'
    ? refused({ code: 'short', stage: 0, needG: p.stages[0]!.needG, mostG: 0 })
    : refused(found.problem);
}

/** What a narrow beam finds: looked for not far above the bound first, which leaves out what it would drop later. */
function narrowBeam(p: Problem): Found {
  const boundCost = boundOf(p);
  for (const factor of BEAM_CEILINGS) {
    const near = search(p, { known: factor * boundCost, width: BEAM_WIDTH });
    if (near.ok) return near;
  }
  return search(p, { known: Number.POSITIVE_INFINITY, width: BEAM_WIDTH });
}

/** Fuel that on leaving each stage would last, with every reserve, to the end or through the next `shops` stages that sell any, g. */
function requirements(stages: readonly CanStage[], shops = Number.POSITIVE_INFINITY): number[] {
  return stages.map((_, i) => {
    let burnt = 0;
    let most = 0;
    let passed = 0;
    for (let j = i; j < stages.length && passed <= shops; j++) {
      most = Math.max(most, burnt + stages[j]!.needG);
      burnt += stages[j]!.burntG;
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

/** How far ahead a beam buys at each stage: the next few shops, with no spare. */
const beamReach = (stages: readonly CanStage[]): Pick<Problem, 'toCome' | 'spareG'> => ({
  toCome: requirements(stages, BEAM_SHOPS),
  spareG: stages.map(() => 0),
});

const pinnedOf = (sizes: readonly CanSize[], stages: readonly CanStage[]): number =>
  stages.reduce((sum, s) => sum + netOf(sizes, s.pinned ?? []), 0);
