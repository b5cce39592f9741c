import { carryProfile, fuelOfG, reserveOfG, tareOfG } from '../../domain/carry';
import type { Trip } from '../../domain/model';
import type { CarryPlan, DayConditions, PinTooSmall, Plan } from '../planned';
import { cautions } from './cautions';
import type { KitInUse } from './kit-in-use';
import { findProblems } from './problems';
import type { PlanProgress, SettledCarry, Span } from './settle/carry-job';
import { settleCarries } from './settle/settle';
import { withWarmedCans } from './warmed-cans';

/** Plans the carry-outs of one kit: load-outs, then problems, cautions and the weight profile of each. */
export function planCarries(
  trip: Trip,
  use: KitInUse,
  spans: readonly Span[],
  conditions: readonly DayConditions[],
  { arrivedWith, home }: Pick<CarryPlan, 'arrivedWith' | 'home'>,
  report: (p: PlanProgress) => void = () => undefined,
): Pick<Plan, 'carries' | 'price' | 'exact' | 'pinCost'> & { short?: PinTooSmall } {
  const { carries, exact, pinCost, short } = settleCarries({ trip, use, spans, conditions, arrivedWith, home, report });
  const at = short && spans[short.stage];
  return {
    carries: carries.map((c, i) => assemble(trip, use, spans[i]!, c)),
    price: carries.reduce((sum, c) => sum + c.loadOut.price, 0),
    exact,
    ...(pinCost ? { pinCost } : {}),
    ...(short && at
      ? {
          short: {
            stop: trip.stops[at.fromStop]!.name,
            fromStopId: trip.stops[at.fromStop]!.id,
            fromStop: at.fromStop,
            toStop: at.toStop,
            needG: short.needG,
            mostG: short.mostG,
          },
        }
      : {}),
  };
}

function assemble(
  trip: Trip,
  use: KitInUse,
  { fromStop, toStop, supply }: Span,
  { days: cooked, demandG, loadOut, arrivedWith, home }: SettledCarry,
): CarryPlan {
  const { containers, bought, taken, left, after } = loadOut;
  const days = cooked.map((d) => withWarmedCans(use, containers, d));
  const gathered = use.fuel.kind === 'wood';
  const hardwareG = hardwareMassG(trip);
  const fuelG = fuelOfG(containers);
  const tareG = tareOfG(containers);
  const burntG = days.map((d) => (gathered ? 0 : d.fuelG));
  return {
    fromStopId: trip.stops[fromStop]!.id,
    toStopId: trip.stops[toStop]!.id,
    fromStop,
    toStop,
    from: trip.stops[fromStop]!.name,
    to: trip.stops[toStop]!.name,
    supply,
    days,
    demandG: gathered ? 0 : demandG,
    gatheredG: gathered ? demandG : 0,
    reserveG: gathered ? 0 : reserveOfG(trip, demandG),
    containers,
    bought,
    price: loadOut.price,
    taken,
    home,
    left,
    after,
    arrivedWith,
    fuelG,
    tareG,
    hardwareG,
    profile: carryProfile(hardwareG, tareG, fuelG, burntG, days[0]!.day),
    problems: findProblems(trip, use, fromStop, toStop, days),
    cautions: cautions(use, days),
  };
}

/** Kit without fuel and containers, g; the lid counts when it is used. */
export function hardwareMassG({ kit }: Pick<Trip, 'kit'>): number {
  return kit.burnerMassG + kit.pot.massG + (kit.lidOn ? kit.pot.lidMassG : 0) + kit.windscreenMassG + kit.otherMassG;
}
