import type { Stop, Trip } from '../archive/trip-schema';
import { fuelOfG, holding, leakProofMl, tareOfG, type Container } from '../carry/containers';
import { bestCans, type CanPlan, type CanStage, type Held, type NoPlan } from '../carry/load-out/cans';
import { fillCans } from '../carry/load-out/fills';
import { bestPoured, type PouredPlan, type PouredStage } from '../carry/load-out/poured';
import { dayWeights, weightOf, type Stage } from '../carry/load-out/stage';
import { CANISTER_SIZES, canPackage, GEL_TIN, tabletPackage } from '../carry/packages';
import { cheapestVolume, priceOfPackages, TABLETS_A_BOX, type Offer } from '../carry/prices';
import type { Fuel } from '../fuel/fuels';
import { offersAt, type Supply } from '../trail/supply';
import type { DayConditions } from './day-conditions';
import type { KitInUse } from './meal-burn';

/** What the stop of a carry has to do with fuel. */
export interface LoadOut {
  /** Leaving the stop, in the order of use; empties that found no bin come last. */
  containers: Container[];
  bought: Container[];
  /** Left at the stop: empties, and part-used ones that are not worth their weight. */
  left: Container[];
}
/** One carry's part in the choice. */
export interface CarryNeed {
  stop: Stop;
  supply: Supply;
  days: readonly DayConditions[];
  burntG: readonly number[];
  /** What must last, g: what is burnt, or more where another load-out burnt more. */
  demandG: number;
}
export interface TripLoadOuts {
  loadOuts: LoadOut[];
  /** Carried for them, as grams on the back over the whole trip by the walker's measure; and what they cost. */
  meanG: number;
  price: number;
  /** What following the walker's pins costs more than the best without them. */
  pinCost?: { meanG: number; price: number };
  /** The best is proven; false only on trips of dozens of stops. */
  exact: boolean;
  /** A pin that leaves too little: it was not followed. */
  short?: NoPlan;
}

/** Liquid fuel is counted in steps of this, mL. */
const LIQUID_STEP_ML = 10;
const GEL_SIZES = [GEL_TIN];

/**
 * The load-outs of a whole trip, the least by the walker's measure: what is carried on, bought and left at every stop that can fill up.
 * `arrivedWith` is what is held on coming to the first of them. Without pins there always is a plan: such stops sell without limit.
 */
export function loadOutsOf(trip: Trip, use: KitInUse, needs: readonly CarryNeed[], arrivedWith: readonly Container[] = []): TripLoadOuts {
  const free = choose(trip, use, needs, arrivedWith, false);
  if (!('loadOuts' in free)) return { ...nothingFor(needs), short: free };
  if (!needs.some((n) => n.stop.pinned)) return free;
  const pinned = choose(trip, use, needs, arrivedWith, true);
  if (!('loadOuts' in pinned)) return { ...free, short: pinned };
  return { ...pinned, pinCost: { meanG: pinned.meanG - free.meanG, price: pinned.price - free.price } };
}
const NOTHING: LoadOut = { containers: [], bought: [], left: [] };
const nothingFor = (needs: readonly CarryNeed[]): TripLoadOuts => ({ loadOuts: needs.map(() => NOTHING), meanG: 0, price: 0, exact: true });

function choose(
  trip: Trip,
  use: KitInUse,
  needs: readonly CarryNeed[],
  arrivedWith: readonly Container[],
  follow: boolean,
): TripLoadOuts | NoPlan {
  const { fuel } = use;
  const factor = 1 + trip.reservePercent / 100;
  const stages = needs.map(({ days, burntG, demandG, stop }): Stage => ({
    burntG,
    weights: dayWeights(trip.loadOut.measure, days),
    needG: factor * demandG,
    bin: stop.bin,
  }));
  // money is worth grams carried the whole way: in the measure's own unit, that many times its weight
  const gramsPerPrice = trip.loadOut.gramsPerPrice * stages.reduce((sum, s) => sum + weightOf(s), 0);
  if (fuel.kind === 'gas' || fuel.kind === 'gel') return onCans(fuel, needs, stages, gramsPerPrice, arrivedWith, follow);
  if (fuel.kind === 'wood' || fuel.kind === 'none') return nothingFor(needs);
  return poured(fuel, trip, needs, stages, gramsPerPrice, arrivedWith, follow);
}

function onCans(
  fuel: Extract<Fuel, { kind: 'gas' | 'gel' }>,
  needs: readonly CarryNeed[],
  stages: readonly Stage[],
  gramsPerPrice: number,
  arrivedWith: readonly Container[],
  follow: boolean,
): TripLoadOuts | NoPlan {
  const gas = fuel.kind === 'gas';
  const sizes = gas ? CANISTER_SIZES : GEL_SIZES;
  const canStages = stages.map((stage, i): CanStage => {
    const { stop, supply } = needs[i];
    const { pinned } = stop;
    const offers = offersAt(stop, supply);
    const prices = sizes.map((s) => {
      const id = gas ? canPackage(s.netG) : 'gel-200';
      return id && priceOfPackages(offers, id, 1)?.price;
    });
    const counts = pinned?.kind === 'cans' && gas ? pinned.counts : undefined;
    return { ...stage, prices, ...(follow && counts ? { pinned: counts } : {}) };
  });
  const start: Held = {
    held: sizes.map((s) => arrivedWith.filter((c) => 'netG' in c && c.netG === s.netG).length),
    fuelG: fuelOfG(arrivedWith),
  };
  const plan: CanPlan | NoPlan = bestCans(sizes, canStages, gramsPerPrice, start);
  if (!('steps' in plan)) return plan;
  const kind = gas ? ('canister' as const) : ('gelTin' as const);
  const fills = fillCans(sizes, plan.steps);
  const many = (counts: readonly number[], full: boolean): Container[] =>
    sizes.flatMap((s, k) =>
      Array.from({ length: counts[k] ?? 0 }, (): Container => ({ kind, netG: s.netG, tareG: s.tareG, fuelG: full ? s.netG : 0 })),
    );
  let before: number = start.fuelG;
  const loadOuts = plan.steps.map((step, i): LoadOut => {
    const bought = many(step.bought, true);
    // what is left holds the fuel that the kept cans could not
    let lostG = Math.max(0, before - (step.fuelG - fuelOfG(bought)));
    const left = many(step.left, false).map((c) => {
      const heldG = Math.min(lostG, 'netG' in c ? c.netG : 0);
      lostG -= heldG;
      return { ...c, fuelG: heldG };
    });
    before = step.fuelG - stages[i].burntG.reduce((a, b) => a + b, 0);
    return { containers: fills[i].map((c): Container => ({ kind, ...c })), bought, left };
  });
  return { loadOuts, meanG: meanOf(plan.cost - gramsPerPrice * plan.price, stages), price: plan.price, exact: plan.exact };
}

function poured(
  fuel: Extract<Fuel, { kind: 'alcohol' | 'liquid' | 'tablet' }>,
  { kit, loadOut }: Trip,
  needs: readonly CarryNeed[],
  stages: readonly Stage[],
  gramsPerPrice: number,
  arrivedWith: readonly Container[],
  follow: boolean,
): TripLoadOuts | NoPlan {
  const unitMl = fuel.kind === 'alcohol' ? kit.measureMl : LIQUID_STEP_ML;
  const unitG = fuel.kind === 'tablet' ? fuel.tabletG : unitMl * fuel.densityGPerMl;
  const afterLeakG = (i: number): number => (loadOut.leakProof && fuel.kind === 'alcohol' ? needs[i].demandG : 0);
  const leakNeedG = (i: number): number =>
    fuel.kind === 'alcohol' && afterLeakG(i) > 0
      ? fuel.densityGPerMl * leakProofMl(fuel.densityGPerMl, afterLeakG(i) / fuel.densityGPerMl)
      : 0;
  const pouredStages = stages.map((stage, i): PouredStage => {
    const { stop, supply } = needs[i];
    const { pinned } = stop;
    return {
      ...stage,
      needG: Math.max(stage.needG, leakNeedG(i)),
      price: unitPrice(fuel, unitMl, offersAt(stop, supply)),
      ...(follow && pinned?.kind === 'units' ? { pinned: pinned.count } : {}),
    };
  });
  const plan: PouredPlan | NoPlan = bestPoured(
    unitG,
    (g, i) => tareOfG(holding(fuel, g, afterLeakG(i))),
    pouredStages,
    gramsPerPrice,
    fuelOfG(arrivedWith),
  );
  if (!('steps' in plan)) return plan;
  const loadOuts = plan.steps.map((s, i): LoadOut => ({
    containers: holding(fuel, s.fuelG, afterLeakG(i)),
    bought: holding(fuel, s.boughtUnits * unitG),
    left: [],
  }));
  return { loadOuts, meanG: meanOf(plan.cost - gramsPerPrice * plan.price, stages), price: plan.price, exact: true };
}

/** Carried weight in the measure's unit as grams carried all the way. */
const meanOf = (cost: number, stages: readonly Stage[]): number =>
  cost /
  Math.max(
    1e-9,
    stages.reduce((sum, s) => sum + weightOf(s), 0),
  );

/** Price of so many units at a stop; usual prices where the stop's own is not known. */
function unitPrice(
  fuel: Extract<Fuel, { kind: 'alcohol' | 'liquid' | 'tablet' }>,
  unitMl: number,
  offers: readonly Offer[],
): ((units: number) => number) | undefined {
  if (fuel.kind === 'tablet') {
    const id = tabletPackage(fuel.tabletG);
    const box = priceOfPackages(offers, id, 1)?.price;
    return box === undefined ? undefined : (units) => box * Math.ceil(units / TABLETS_A_BOX[id]);
  }
  const sold = offers.filter((o) => o.packageId.startsWith(fuel.kind));
  return sold.length ? (units) => cheapestVolume(sold, units * unitMl)?.price ?? 0 : undefined;
}
