import {
  canPackage,
  cheapestVolume,
  EVERYTHING,
  fuelOfG,
  priceOfPackages,
  tabletPackage,
  TABLETS_A_BOX,
  type Container,
  type Offer,
  type PackageId,
  type Purchase,
} from '../../domain/carry';
import type { Piece, Trip } from '../../domain/model';
import type { CarryPlan, Plan } from '../../planning/planned';
import { offersAt } from '../../domain/trail';

/** What one trip costs with a kit. */
export interface TripPrice {
  /** Fuel bought at these stops. */
  fuel: number;
  /** Pieces spread over their trips. */
  pieces: number;
  total: number;
  /** Fuel bought and neither burnt nor carried past the end of its carry, g. */
  leftBehindG: number;
  /** Some price was not known: a usual one stands in. */
  assumed: boolean;
  /** Pieces without a price; they count nothing. */
  unpriced: string[];
}

/** Price of a trip: each carry's containers at the prices of the stop they leave, and every piece's price over the trips it is good for. */
export function tripPrice(trip: Trip, plan: Plan, pieces: readonly Piece[], spreadTrips: number): TripPrice {
  const bought = plan.carries.map((c) => carryPrice(trip, c));
  const fuel = bought.reduce((sum, b) => sum + b.price, 0);
  const spread = pieces.reduce((sum, p) => sum + (p.price ?? 0) / (p.life?.trips ?? spreadTrips), 0);
  const last = plan.carries.at(-1);
  return {
    fuel,
    pieces: spread,
    total: fuel + spread,
    leftBehindG:
      fuelOfG(plan.carries.flatMap((c) => c.left)) + (last ? last.fuelG - last.demandG : 0) + bought.reduce((sum, b) => sum + b.overG, 0),
    assumed: bought.some((b) => b.assumed),
    unpriced: pieces.filter((p) => p.price === null).map((p) => p.name),
  };
}

/** What the containers of one carry cost at the stop it leaves. Packs that hold more than is poured leave the rest behind. */
function carryPrice(trip: Trip, carry: CarryPlan): { price: number; overG: number; assumed: boolean } {
  const offers = offersAt(trip.stops[carry.fromStop]!, carry.supply);
  const bottles = carry.bought.filter((c) => c.kind === 'bottle' || c.kind === 'liquidBottle');
  const needMl = bottles.reduce((sum, c) => sum + c.fillMl, 0);
  const gPerMl = needMl > 0 ? bottles.reduce((sum, c) => sum + c.fuelG, 0) / needMl : 0;
  const poured = bottles[0]?.kind === 'liquidBottle' ? 'liquid' : 'alcohol';
  const sold = offers.filter((o) => o.packageId.startsWith(poured));
  const wet =
    needMl > 0
      ? (cheapestVolume(sold, needMl) ??
        cheapestVolume(
          EVERYTHING.filter((o) => o.packageId.startsWith(poured)),
          needMl,
        ))
      : undefined;
  const dry = carry.bought.flatMap((c) => wholePackages(offers, c) ?? []);
  const all: Purchase[] = [...(wet ? [wet] : []), ...dry];
  return {
    price: all.reduce((sum, p) => sum + p.price, 0),
    overG: (wet?.over ?? 0) * gPerMl,
    assumed: all.some((p) => p.assumed),
  };
}

function wholePackages(offers: readonly Offer[], c: Container): Purchase | undefined {
  const buy = (id: PackageId, count: number): Purchase | undefined =>
    priceOfPackages(offers, id, count) ?? priceOfPackages(EVERYTHING, id, count);
  switch (c.kind) {
    case 'canister': {
      const id = canPackage(c.netG);
      return id ? buy(id, 1) : undefined;
    }
    case 'tablets': {
      const id = tabletPackage(c.tabletG);
      return buy(id, Math.ceil(c.count / TABLETS_A_BOX[id]));
    }
    case 'gelTin':
      return buy('gel-200', 1);
    case 'bottle':
    case 'liquidBottle':
      return undefined; // by volume, all bottles together
  }
}
