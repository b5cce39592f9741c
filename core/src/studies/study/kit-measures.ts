import { FLAMES, windBeforeMps } from '../../physics/burn';
import { lowestAirC } from '../../physics/canister';
import { hasValve, powerRange } from '../../domain/catalogue';
import { done, type Result } from '../../foundation/errors';
import type { Fuel } from '../../physics/fuel';
import {
  bestNest,
  build,
  hardwareOfG,
  packedMl,
  priceToBuy,
  tripWithKit,
  type BuiltKit,
  type Measures,
  type Nest,
  type NestPiece,
  type NotPlannable,
} from '../../domain/kit';
import { LIMITS, type Piece, type Rack, type RackKit, type Trip } from '../../domain/model';
import { hotMealsWanted, kitInUse, missedMeals, planTrip, weightSums, type KitInUse, planCache, type PlanCache } from '../../planning/plan';
import { demandOfG, type Plan } from '../../planning/planned';
import { supplyAt, withoutLegKits } from '../../domain/trail';
import { cookingTimeS } from './cooking-time';
import { coldSetup } from './cold';
import { tripPrice, type TripPrice } from './trip-price';

/** A kit of the rack planned on a trip and measured. */
export interface KitOnTrip {
  id: string;
  name: string;
  trip: Trip;
  plan: Plan;
  measures: Measures;
  /** Weight of its pieces without fuel and containers, g. */
  hardwareG: number;
  /** Hot meals that a ban, the cold, the wind or the pot leaves cold. */
  mealsMissed: number;
  price: TripPrice;
}

/** Coldest air at which fuels other than gas are counted on, °C (assumption; alcohol with warm fuel and a primer pan). */
const COLDEST_C: Partial<Record<Fuel['kind'], number>> = { alcohol: -15, gel: -10, tablet: -30 };
/** Weaker than this a can flame is no help (docs/physics.md, The can: reduced). */
const HELPFUL_STRENGTH = 0.25;

/** Windier than this nobody cooks, whatever stands round the flame, m/s at an unscreened flame (common practice: a near gale on open ground). */
export const MOST_WIND_MPS = 10;

/** What there is to pack; a lid lies on its pot. */
export const nestPieces = (pieces: readonly Piece[]): NestPiece[] =>
  pieces.filter((p) => p.role !== 'lid').map(({ id, shape }) => ({ id, shape }));
/** A kit's nest. */
export const nestOf = (rack: Rack, kit: RackKit): Nest | undefined => bestNest(nestPieces(build(rack, kit).pieces), kit.outside);

/** The trip planned with a kit, and what a lighter piece is judged by. */
export interface KitPlan {
  built: BuiltKit;
  trip: Trip;
  plan: Plan;
  /** Mean over the days of the morning load, g. */
  carriedG: number;
  /** Hot meals that a ban, the cold, the wind or the pot leaves cold. */
  mealsMissed: number;
}

/** Plans the trip with a kit; says what is missing where it cannot be planned. */
export function planKit(rack: Rack, trip: Trip, kit: RackKit, cache?: PlanCache): Result<KitPlan, NotPlannable> {
  const built = build(rack, kit);
  const changed = tripWithKit(withoutLegKits(trip), built);
  if (!changed.ok) return changed;
  const plan = planTrip(changed.value, { cache });
  return done({ built, trip: changed.value, plan, carriedG: weightSums(plan).averageG, mealsMissed: missedMeals(changed.value, plan) });
}

/** Plans the trip with a kit and fills in every criterion that can be measured. */
export function measureKit(rack: Rack, trip: Trip, kit: RackKit, cache?: PlanCache): Result<KitOnTrip, NotPlannable> {
  const planned = planKit(rack, trip, kit, cache);
  if (!planned.ok) return planned;
  const { built, trip: changed, plan, carriedG, mealsMissed } = planned.value;
  const use = kitInUse(changed.kit);
  const price = tripPrice(changed, plan, built.pieces, rack.spreadTrips);
  const toBuy = priceToBuy(built.pieces);
  const wanted = hotMealsWanted(changed, plan);
  const packing = nestPieces(built.pieces);
  return done({
    id: kit.id,
    name: kit.name,
    trip: changed,
    plan,
    hardwareG: hardwareOfG(built.pieces),
    mealsMissed,
    price,
    measures: {
      hotMeals: wanted ? (100 * (wanted - mealsMissed)) / wanted : 100,
      carriedG,
      fuelG: demandOfG(plan),
      minutes: cookingTimeS(plan) / 60,
      ...(toBuy === undefined ? {} : { priceToBuy: toBuy }),
      pricePerTrip: price.total,
      packedMl: packedMl(packing, bestNest(packing, kit.outside)),
      simmer: turnsDownPercent(use),
      ...(use.burner.family === 'none' ? {} : { wind: standsWindMps(use) }),
      cold: coldestC(changed, use),
      toBeHad: stopsThatSell(changed, use.fuel),
    },
  });
}

/** How far the flame turns down, % of full power; 0 without a valve. */
function turnsDownPercent({ burner }: KitInUse): number {
  if (!hasValve(burner)) return 0;
  const { ratedW, lowestW } = powerRange(burner);
  return 100 * (1 - lowestW / ratedW);
}

/** Wind at an unscreened flame that blows it out behind the kit's windscreen, m/s, full open. */
const standsWindMps = ({ kit, flame }: KitInUse): number =>
  Math.min(MOST_WIND_MPS, windBeforeMps(FLAMES[flame].blowOutMps, kit.windscreen));

/** Coldest air it is any help in, at the height of the highest camp, °C, with a full can. */
function coldestC(trip: Trip, { fuel }: KitInUse): number {
  const highestM = Math.max(...trip.legs.flatMap((l) => l.days.map((d) => d.altitudeM)));
  const setup = coldSetup(trip, highestM);
  if (setup) return lowestAirC(setup, 1, HELPFUL_STRENGTH) ?? LIMITS.airC.max;
  return COLDEST_C[fuel.kind] ?? LIMITS.airC.min;
}

/** Share of the stops on the way that can fill it up, %; what is gathered or not needed is to be had anywhere. */
function stopsThatSell(trip: Trip, fuel: Fuel): number {
  const onTheWay = trip.stops.slice(1, -1);
  if (fuel.kind === 'wood' || fuel.kind === 'none' || !onTheWay.length) return 100;
  return (100 * onTheWay.filter((s, i) => supplyAt(s, i + 1, fuel) !== undefined).length) / onTheWay.length;
}

/** Every kit that can be planned with, and what is missing in the others. */
export function measureKits(
  rack: Rack,
  trip: Trip,
  ids: readonly string[],
  cache: PlanCache = planCache(),
): { kits: KitOnTrip[]; unplannable: NotPlannable[] } {
  const kits: KitOnTrip[] = [];
  const unplannable: NotPlannable[] = [];
  for (const id of ids) {
    const kit = rack.kits.find((k) => k.id === id);
    if (!kit) continue;
    const measured = measureKit(rack, trip, kit, cache);
    if (measured.ok) kits.push(measured.value);
    else unplannable.push(measured.problem);
  }
  return { kits, unplannable };
}
