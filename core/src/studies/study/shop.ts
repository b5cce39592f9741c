import {
  CANISTER_SIZES,
  canPackage,
  cheapestVolume,
  fullCan,
  fuelOfG,
  GEL_TIN,
  holding,
  priceOfPackages,
  SOLD_ML,
  tabletPackage,
  TABLETS_A_BOX,
  tareOfG,
  type Container,
  type Offer,
  type PackageId,
} from '../../domain/carry';
import type { Fuel } from '../../physics/fuel';
import type { Trip } from '../../domain/model';
import { kitInUse } from '../../planning/plan';
import { cookedWithin, doneMeals, type CarryPlan } from '../../planning/planned';
import { chanceOfMoreThan, type CarryRisk } from '../../planning/risk';
import { offersAt, tripOnLeg } from '../../domain/trail';

/** Something that could be taken in a shop, and how one would fare with it as far as the next stop that fills up. */
export interface ShopChoice {
  /** Packages by count; empty for an empty-handed walker. */
  packages: { packageId: PackageId; count: number }[];
  /** What is poured from a pack into the walker's own bottles, mL; absent for packages carried as they are. */
  pouredMl?: number;
  /** Added to what is carried on, with its containers, g. */
  massG: number;
  price: number;
  priceAssumed: boolean;
  /** Fuel on leaving, g, and the chance that it falls short. */
  fuelG: number;
  runOut: number;
  /** Hot meals that it lasts for as expected. */
  hotMeals: number;
}
export interface Shop {
  /** In order of preference: the lightest that keeps to the limit first, then by risk; nothing at all last. */
  choices: ShopChoice[];
  /** Hot meals wanted as far as the next stop that fills up. */
  hotMealsWanted: number;
  /** Fuel carried on to here, g. */
  carriedOnG: number;
}

/** More packages of one kind than this nobody lines up. */
const MOST_OF_A_KIND = 3;
const MOST_PACKAGES = 3;
/** Choices worth reading. */
const MOST_CHOICES = 7;

/** Everything in the shop of the stop that a carry leaves, in order of preference. `limit` is the risk the walker lives with (0–1). */
export function shopOf(trip: Trip, carry: CarryPlan, risk: Pick<CarryRisk, 'demandsG'>, limit: number): Shop {
  const { fuel } = kitInUse(tripOnLeg(trip, carry.fromStop).kit);
  const carriedOnG = Math.max(0, fuelOfG(carry.arrivedWith) - fuelOfG(carry.left));
  const offers = offersAt(trip.stops[carry.fromStop]!, carry.supply);
  const weighed = [NOTHING, ...takings(fuel, offers, Math.max(0, carry.demandG + carry.reserveG - carriedOnG))].map((t): ShopChoice => {
    const fuelG = carriedOnG + fuelOfG(t.containers);
    const { containers, ...rest } = t;
    return {
      ...rest,
      massG: fuelOfG(containers) + tareOfG(containers),
      fuelG,
      runOut: chanceOfMoreThan(risk, fuelG),
      hotMeals: cookedWithin(carry.days, fuelG),
    };
  });
  const worth = (c: ShopChoice): number => c.massG + trip.loadOut.gramsPerPrice * c.price;
  const safe = weighed.filter((c) => c.runOut <= limit).sort((a, b) => worth(a) - worth(b));
  const risky = weighed
    .filter((c) => c.runOut > limit)
    .sort((a, b) => a.runOut - b.runOut || b.hotMeals - a.hotMeals || worth(a) - worth(b));
  const ordered = [...safe, ...risky];
  const nothing = weighed[0]!;
  // of those that make no difference the lightest is kept
  const distinct = ordered.filter((c, i) => c === nothing || !ordered.slice(0, i).some((o) => o.massG <= c.massG && o.fuelG === c.fuelG));
  const some = distinct.filter((c) => c !== nothing).slice(0, MOST_CHOICES);
  return { choices: [...some, nothing], hotMealsWanted: doneMeals(carry), carriedOnG };
}

type Taking = Pick<ShopChoice, 'packages' | 'pouredMl' | 'price' | 'priceAssumed'> & { containers: Container[] };
const NOTHING: Taking = { packages: [], price: 0, priceAssumed: false, containers: [] };

/** What could be taken for a fuel. */
function takings(fuel: Fuel, offers: readonly Offer[], needG: number): Taking[] {
  switch (fuel.kind) {
    case 'gas':
      return canSets(
        offers,
        CANISTER_SIZES.flatMap((s) => {
          const id = canPackage(s.netG);
          return id ? [{ id, can: fullCan(s) }] : [];
        }),
      );
    case 'gel':
      return canSets(offers, [{ id: 'gel-200', can: { kind: 'gelTin', ...GEL_TIN, fuelG: GEL_TIN.netG } }]);
    case 'tablet': {
      const id = tabletPackage(fuel.tabletG);
      return upTo(MOST_OF_A_KIND).flatMap((count) => {
        const bought = priceOfPackages(offers, id, count);
        if (!bought) return [];
        const containers = holding(fuel, count * TABLETS_A_BOX[id] * fuel.tabletG);
        return [{ packages: [{ packageId: id, count }], price: bought.price, priceAssumed: bought.assumed, containers }];
      });
    }
    case 'alcohol':
    case 'liquid':
      return pouredTakings(fuel, offers, needG);
    case 'wood':
    case 'none':
      return [];
  }
}

const upTo = (n: number): number[] => Array.from({ length: n }, (_, i) => i + 1);

/** Sets of one to three cans of what is on sale. */
function canSets(offers: readonly Offer[], kinds: readonly { id: PackageId; can: Container }[]): Taking[] {
  const sold = kinds.filter((k) => offers.some((o) => o.packageId === k.id));
  const sets: Taking[] = [];
  const add = (at: number, counts: number[]): void => {
    if (at === sold.length) {
      const packages = sold.flatMap((k, i) => (counts[i] ? [{ packageId: k.id, count: counts[i] }] : []));
      if (!packages.length) return;
      const paid = packages.map((p) => priceOfPackages(offers, p.packageId, p.count));
      sets.push({
        packages,
        price: paid.reduce((s, p) => s + (p?.price ?? 0), 0),
        priceAssumed: paid.some((p) => p?.assumed),
        containers: sold.flatMap((k, i) => Array.from({ length: counts[i]! }, () => k.can)),
      });
      return;
    }
    const used = counts.reduce((a, b) => a + b, 0);
    for (let n = 0; n + used <= MOST_PACKAGES; n++) add(at + 1, [...counts, n]);
  };
  add(0, []);
  return sets;
}

/** The need poured from the cheapest packs, and every pack carried whole. */
function pouredTakings(fuel: Extract<Fuel, { kind: 'alcohol' | 'liquid' }>, offers: readonly Offer[], needG: number): Taking[] {
  const sold = offers.filter((o) => o.packageId.startsWith(fuel.kind));
  const needMl = needG / fuel.densityGPerMl;
  const whole = sold.flatMap((o): Taking[] => {
    const ml = SOLD_ML[o.packageId];
    const bought = priceOfPackages(sold, o.packageId, 1);
    if (!ml || !bought) return [];
    return [
      {
        packages: [{ packageId: o.packageId, count: 1 }],
        pouredMl: ml,
        price: bought.price,
        priceAssumed: bought.assumed,
        containers: holding(fuel, ml * fuel.densityGPerMl),
      },
    ];
  });
  const bought = needMl > 0 ? cheapestVolume(sold, needMl) : undefined;
  const need: Taking[] = bought
    ? [{ packages: [], pouredMl: needMl, price: bought.price, priceAssumed: bought.assumed, containers: holding(fuel, needG) }]
    : [];
  return [...need, ...whole];
}
