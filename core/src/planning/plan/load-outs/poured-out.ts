import {
  cheapestVolume,
  drawnDown,
  fuelOfG,
  holding,
  leakProofMl,
  priceOfPackages,
  tabletPackage,
  TABLETS_A_BOX,
  tareOfG,
  type Container,
  type Offer,
} from '../../../domain/carry';
import { bestPoured, type PouredStage } from '../../load-out';
import { done } from '../../../foundation/errors';
import type { Fuel } from '../../../physics/fuel';
import type { OwnContainer } from '../../../domain/model';
import { offersAt } from '../../../domain/trail';
import type { Choice, Choosing, LoadOut } from './choosing';
import { burns, outOf, stagesOf } from './own-containers';

/** Liquid fuel is counted in steps of this, mL. */
const LIQUID_STEP_ML = 10;

type Poured = Extract<Fuel, { kind: 'alcohol' | 'liquid' | 'tablet' }>;

/** Load-outs of what is poured or counted out: alcohol in whole measures, tablets whole, liquid fuel in small steps. */
export function choosePoured(fuel: Poured, choosing: Choosing): Choice {
  const { trip, stages, needs, followPins, gramsPerPrice, onHand } = choosing;
  const unitMl = fuel.kind === 'alcohol' ? trip.kit.measureMl : LIQUID_STEP_ML;
  const unitG = fuel.kind === 'tablet' ? fuel.tabletG : unitMl * fuel.densityGPerMl;
  // poured out at the first of its places: a bottle is not carried about as it stands in the cupboard
  const ownAt = stages.map((_, i) => onHand.home.filter((c) => burns(fuel, c) && stagesOf(c, needs)[0] === i));
  /** What must be left when any one bottle has leaked, g. */
  const afterLeakG = (i: number): number => (trip.loadOut.leakProof && fuel.kind === 'alcohol' ? needs[i]!.demandG : 0);
  const pouredStages = stages.map((stage, i): PouredStage => {
    const { stop, supply } = needs[i]!;
    return {
      ...stage,
      needG: Math.max(stage.needG, leakNeedG(fuel, afterLeakG(i))),
      price: unitPrice(fuel, unitMl, offersAt(stop, supply)),
      ownUnits: Math.floor(ownAt[i]!.reduce((sum, c) => sum + c.fuelG, 0) / unitG + 1e-9),
      ...(followPins && stop.pinned?.kind === 'units' ? { pinned: stop.pinned.count } : {}),
    };
  });
  const tareAt = (fuelG: number, i: number): number => tareOfG(holding(fuel, fuelG, afterLeakG(i)));
  const best = bestPoured(unitG, tareAt, pouredStages, gramsPerPrice, fuelOfG(onHand.held));
  if (!best.ok) return best;
  const { steps, cost, price } = best.value;
  const loadOuts = steps.map((s, i): LoadOut => {
    const containers = holding(fuel, s.fuelG, afterLeakG(i));
    return {
      containers,
      after: drawnDown(containers, stages[i]!.burntG),
      bought: holding(fuel, s.boughtUnits * unitG),
      taken: outOfThese(fuel, ownAt[i]!, s.ownUnits * unitG),
      left: [],
      price: s.boughtUnits > 0 ? (pouredStages[i]!.price?.(s.boughtUnits) ?? 0) : 0,
    };
  });
  return done({ loadOuts, cost, price, exact: true });
}

/** So much out of what is one's own, what is left of it first. */
function outOfThese(fuel: Poured, own: readonly OwnContainer[], fuelG: number): Container[] {
  let toGo = fuelG;
  return [...own]
    .sort((a, b) => a.fuelG - b.fuelG)
    .flatMap((c) => {
      const takenG = Math.min(c.fuelG, toGo);
      toGo -= takenG;
      return outOf(fuel, c, takenG);
    });
}

/** The least fuel that still is so much when any one bottle is lost, g. */
const leakNeedG = (fuel: Poured, afterLeakG: number): number =>
  fuel.kind === 'alcohol' && afterLeakG > 0 ? fuel.densityGPerMl * leakProofMl(fuel.densityGPerMl, afterLeakG / fuel.densityGPerMl) : 0;

/** Price of so many units at a stop; usual prices where the stop's own is not known; undefined where none is sold. */
function unitPrice(fuel: Poured, unitMl: number, offers: readonly Offer[]): ((units: number) => number) | undefined {
  if (fuel.kind === 'tablet') {
    const id = tabletPackage(fuel.tabletG);
    const box = priceOfPackages(offers, id, 1)?.price;
    return box === undefined ? undefined : (units) => box * Math.ceil(units / TABLETS_A_BOX[id]);
  }
  const sold = offers.filter((o) => o.packageId.startsWith(fuel.kind));
  return sold.length ? (units) => cheapestVolume(sold, units * unitMl)?.price ?? 0 : undefined;
}
