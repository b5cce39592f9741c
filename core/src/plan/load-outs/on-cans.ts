import {
  bestCans,
  CANISTER_SIZES,
  canPackage,
  GEL_TIN,
  MOST_LOOKS,
  priceOfPackages,
  type CanPlan,
  type CanSize,
  type CanStage,
  type Container,
  type HeldCan,
  type PackageId,
} from '../../carry';
import { done } from '../../errors';
import type { Pin } from '../../model';
import { offersAt } from '../../trail';
import type { CarryNeed, Choice, Choosing, LoadOut } from './choosing';

/** What comes in containers of fixed content: its sizes, what they are sold as, and what they become in a load-out. */
interface CanKind {
  kind: 'canister' | 'gelTin';
  sizes: readonly CanSize[];
  packageId: (size: CanSize) => PackageId | undefined;
}
const CANISTERS: CanKind = { kind: 'canister', sizes: CANISTER_SIZES, packageId: (s) => canPackage(s.netG) };
const GEL_TINS: CanKind = { kind: 'gelTin', sizes: [GEL_TIN], packageId: () => 'gel-200' };

/** Load-outs of canisters or tins. */
export function chooseCans(choosing: Choosing): Choice {
  const can = choosing.use.fuel.kind === 'gas' ? CANISTERS : GEL_TINS;
  const start = heldIn(can, choosing.arrivedWith);
  const stages = canStages(can, choosing);
  const best = bestCans(can.sizes, stages, choosing.gramsPerPrice, start, choosing.isNarrow ? 0 : MOST_LOOKS);
  if (!best.ok) return best;
  const { cost, price, exact } = best.value;
  return done({ loadOuts: loadOutsOfSteps(can, best.value, stages), cost, price, exact });
}

/** Containers on hand as the search sees them; those of a size it does not know stay out of it. */
const heldIn = ({ sizes }: CanKind, containers: readonly Container[]): HeldCan[] =>
  containers.flatMap((c) => {
    const size = sizes.findIndex((s) => 'netG' in c && c.netG === s.netG);
    return size < 0 ? [] : [{ size, fuelG: c.fuelG }];
  });

function canStages(can: CanKind, { needs, stages, followPins }: Choosing): CanStage[] {
  return stages.map((stage, i) => {
    const pinned = followPins && can.kind === 'canister' ? pinnedCounts(needs[i].stop.pinned) : undefined;
    return { ...stage, prices: pricesAt(can, needs[i]), ...(pinned ? { pinned } : {}) };
  });
}

/** What each size costs at a stop; undefined where it is not on sale. */
function pricesAt(can: CanKind, { stop, supply }: CarryNeed): (number | undefined)[] {
  const offers = offersAt(stop, supply);
  return can.sizes.map((s) => {
    const id = can.packageId(s);
    return id && priceOfPackages(offers, id, 1)?.price;
  });
}

/** What is pinned as counts by size; undefined where nothing is, or something else. */
function pinnedCounts(pinned: Pin | null | undefined): number[] | undefined {
  if (pinned?.kind !== 'cans') return undefined;
  return CANISTER_SIZES.map((s) => {
    const id = canPackage(s.netG);
    return (id && pinned.counts[id]) ?? 0;
  });
}

function loadOutsOfSteps(can: CanKind, { steps }: CanPlan, stages: readonly CanStage[]): LoadOut[] {
  const asContainers = (cans: readonly HeldCan[]): Container[] =>
    cans.map(({ size, fuelG }): Container => ({ kind: can.kind, netG: can.sizes[size].netG, tareG: can.sizes[size].tareG, fuelG }));
  return steps.map((step, i) => ({
    containers: asContainers(step.cans),
    after: asContainers(step.after),
    bought: can.sizes.flatMap((s, k) =>
      Array.from({ length: step.bought[k] ?? 0 }, (): Container => ({ kind: can.kind, netG: s.netG, tareG: s.tareG, fuelG: s.netG })),
    ),
    left: asContainers(step.left),
    price: step.bought.reduce((sum, n, k) => sum + n * (stages[i].prices[k] ?? 0), 0),
  }));
}
