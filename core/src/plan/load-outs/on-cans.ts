import {
  bestCans,
  burntOf,
  CANISTER_SIZES,
  canPackage,
  fillCans,
  fuelOfG,
  GEL_TIN,
  priceOfPackages,
  type CanPlan,
  type CanSize,
  type CanStage,
  type Container,
  type Held,
  type PackageId,
} from '../../carry';
import { done } from '../../errors';
import type { Pin } from '../../model';
import { offersAt } from '../../trail';
import type { Choice, Choosing, LoadOut } from './choosing';

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
  const best = bestCans(can.sizes, canStages(can, choosing), choosing.gramsPerPrice, start);
  if (!best.ok) return best;
  const { cost, price, exact } = best.value;
  return done({ loadOuts: loadOutsOfSteps(can, best.value, choosing, start), cost, price, exact });
}

const heldIn = ({ sizes }: CanKind, containers: readonly Container[]): Held => ({
  held: sizes.map((s) => containers.filter((c) => 'netG' in c && c.netG === s.netG).length),
  fuelG: fuelOfG(containers),
});

function canStages(can: CanKind, { needs, stages, followPins }: Choosing): CanStage[] {
  return stages.map((stage, i) => {
    const { stop, supply } = needs[i];
    const offers = offersAt(stop, supply);
    const prices = can.sizes.map((s) => {
      const id = can.packageId(s);
      return id && priceOfPackages(offers, id, 1)?.price;
    });
    const pinned = followPins && can.kind === 'canister' ? pinnedCounts(stop.pinned) : undefined;
    return { ...stage, prices, ...(pinned ? { pinned } : {}) };
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

function loadOutsOfSteps(can: CanKind, { steps }: CanPlan, { stages }: Choosing, start: Held): LoadOut[] {
  const fills = fillCans(can.sizes, steps);
  let before = start.fuelG;
  return steps.map((step, i) => {
    const bought = containersOf(can, step.bought, (s) => s.netG);
    // what is left holds the fuel that the kept cans could not
    let lostG = Math.max(0, before - (step.fuelG - fuelOfG(bought)));
    const left = containersOf(can, step.left, (s) => {
      const heldG = Math.min(lostG, s.netG);
      lostG -= heldG;
      return heldG;
    });
    before = step.fuelG - burntOf(stages[i]);
    return { containers: fills[i].map((c): Container => ({ kind: can.kind, ...c })), bought, left };
  });
}

/** So many of each size, with the fuel that each holds. */
const containersOf = ({ kind, sizes }: CanKind, counts: readonly number[], fuelG: (size: CanSize) => number): Container[] =>
  sizes.flatMap((s, k) =>
    Array.from({ length: counts[k] ?? 0 }, (): Container => ({ kind, netG: s.netG, tareG: s.tareG, fuelG: fuelG(s) })),
  );
