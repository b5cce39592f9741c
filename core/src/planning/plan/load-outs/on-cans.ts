import {
  CANISTER_SIZES,
  canPackage,
  GEL_TIN,
  priceOfPackages,
  type CanSize,
  type CanStage,
  type Container,
  type PackageId,
} from '../../../domain/carry';
import { bestCans, fresh, MOST_LOOKS, type CanPlan, type HeldCan } from '../../load-out';
import { done } from '../../../foundation/errors';
import type { Pin } from '../../../domain/model';
import { offersAt } from '../../../domain/trail';
import type { CarryNeed, Choice, Choosing, LoadOut } from './choosing';
import { burns, markOf, stagesOf } from './own-containers';

/** What comes in containers of fixed content: its sizes, what they are sold as, and what they become in a load-out. */
interface CanKind {
  kind: 'canister' | 'gelTin';
  /** Those that shops sell first, so many; then others that are held or may be taken along. */
  sizes: readonly CanSize[];
  sold: number;
  packageId: (size: CanSize) => PackageId | undefined;
}
const CANISTERS: CanKind = { kind: 'canister', sizes: CANISTER_SIZES, sold: CANISTER_SIZES.length, packageId: (s) => canPackage(s.netG) };
const GEL_TINS: CanKind = { kind: 'gelTin', sizes: [GEL_TIN], sold: 1, packageId: () => 'gel-200' };

/** Most own cans tried together; those least worth their weight are left out. */
const MOST_OWN = 7;

/** Load-outs of canisters or tins. */
export function chooseCans(choosing: Choosing): Choice {
  const sold = choosing.use.fuel.kind === 'gas' ? CANISTERS : GEL_TINS;
  const offered = ownOffered(sold, choosing);
  const tried = offered.slice(0, MOST_OWN);
  const held = choosing.onHand.held.filter((c): c is Fixed => c.kind === sold.kind);
  const known = [...tried.map((o) => o.container), ...held];
  const can = withSizes(sold, known);
  const own = tried.map(({ container, stages: at, must }) => ({ ...asHeld(can, container), stages: at, must }));
  // the place among known cans tells whose it is
  const start = held.map((c, j) => ({ ...asHeld(can, c), own: tried.length + j }));
  const stages = canStages(can, choosing);
  const looks = choosing.isNarrow ? 0 : MOST_LOOKS;
  const { cache } = choosing.use;
  const asked = [can.sizes, stages, choosing.gramsPerPrice, start, looks, own, choosing.knownCost] as const;
  const best = cache.cans(asked, () => bestCans(...asked, cache.rest));
  if (!best.ok) return best;
  const { cost, price } = best.value;
  const exact = best.value.exact && offered.length <= MOST_OWN;
  return done({ loadOuts: loadOutsOfSteps(can, best.value, stages, known), cost, price, exact });
}

/** One of the walker's own as it would be carried, and where it may be packed. */
interface Offered {
  container: Fixed;
  stages: number[];
  must: boolean;
}
type Fixed = Extract<Container, { kind: 'canister' | 'gelTin' }>;

/** What may be taken along: what must be first, then by the weight of a gram of fuel in it. */
function ownOffered({ kind }: CanKind, { use, onHand, needs }: Choosing): Offered[] {
  return onHand.home
    .filter((c) => burns(use.fuel, c))
    .map((c): Offered => ({
      container: { kind, netG: c.netG, tareG: c.tareG, fuelG: c.fuelG, own: markOf(c) },
      stages: stagesOf(c, needs),
      must: typeof c.place === 'object',
    }))
    .filter((o) => o.stages.length > 0)
    .sort((a, b) => Number(b.must) - Number(a.must) || perGram(a.container) - perGram(b.container));
}
const perGram = ({ tareG, fuelG }: Fixed): number => tareG / fuelG;

/** The sizes that are sold, and besides those of containers that weigh or hold something else. */
function withSizes(can: CanKind, containers: readonly Fixed[]): CanKind {
  const sizes = [...can.sizes];
  for (const c of containers) if (!sizes.some((s) => isOfSize(s, c))) sizes.push({ netG: c.netG, tareG: c.tareG });
  return { ...can, sizes };
}
const isOfSize = (s: CanSize, c: Fixed): boolean => s.netG === c.netG && s.tareG === c.tareG;

const asHeld = ({ sizes }: CanKind, c: Fixed): HeldCan => ({ size: sizes.findIndex((s) => isOfSize(s, c)), fuelG: c.fuelG });

function canStages(can: CanKind, { needs, stages, followPins }: Choosing): CanStage[] {
  return stages.map((stage, i) => {
    const pinned = followPins && can.kind === 'canister' ? pinnedCounts(can, needs[i]!.stop.pinned) : undefined;
    return { ...stage, prices: pricesAt(can, needs[i]!), ...(pinned ? { pinned } : {}) };
  });
}

/** What each size costs at a stop; undefined where it is not on sale. */
function pricesAt(can: CanKind, { stop, supply }: CarryNeed): (number | undefined)[] {
  const offers = offersAt(stop, supply);
  return can.sizes.map((s, k) => {
    const id = k < can.sold ? can.packageId(s) : undefined;
    return id && priceOfPackages(offers, id, 1)?.price;
  });
}

/** What is pinned as counts by size; undefined where nothing is, or something else. */
function pinnedCounts({ sizes, sold }: CanKind, pinned: Pin | null | undefined): number[] | undefined {
  if (pinned?.kind !== 'cans') return undefined;
  return sizes.map((s, k) => {
    const id = k < sold ? canPackage(s.netG) : undefined;
    return (id && pinned.counts[id]) ?? 0;
  });
}

function loadOutsOfSteps(can: CanKind, { steps }: CanPlan, stages: readonly CanStage[], known: readonly Fixed[]): LoadOut[] {
  const asContainers = (cans: readonly HeldCan[]): Container[] =>
    cans.map(({ size, fuelG, own }): Container => {
      const mark = own === undefined ? undefined : known[own]!.own;
      return { kind: can.kind, netG: can.sizes[size]!.netG, tareG: can.sizes[size]!.tareG, fuelG, ...(mark ? { own: mark } : {}) };
    });
  return steps.map((step, i) => ({
    containers: asContainers(step.cans),
    after: asContainers(step.after),
    bought: asContainers(fresh(can.sizes, step.bought)),
    taken: asContainers(step.taken),
    left: asContainers(step.left),
    price: step.bought.reduce((sum, n, k) => sum + n * (stages[i]!.prices[k] ?? 0), 0),
  }));
}
