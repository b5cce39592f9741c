import { tripWithBurner } from '../../domain/kit';
import type { Calibration, Trip } from '../../domain/model';
import { missedMeals, planTrip, planCache, type PlanCache } from '../../planning/plan';
import type { CarryPlan, Plan } from '../../planning/planned';
import type { Mishaps } from '../../planning/risk';
import { planRisk, riskOfCarry } from './carry-risk';

/** A carry on the catalogue's burner and on the walker's own. */
export interface CarryOnOwn {
  from: string;
  to: string;
  demandBeforeG: number;
  demandAfterG: number;
  /** Fuel beyond the plan's own need that keeps the walker's limit of risk. */
  reserveBeforeG: number;
  reserveAfterG: number;
}
export interface OwnBurnerEffect {
  carries: CarryOnOwn[];
  /** Meals that would stay cold on the walker's own burner and not on the catalogue's: its grams are no saving. */
  mealsLost: number;
}

/** What a burner of one's own does to a trip: its fuel, and the reserve that need not be carried any more for not knowing it. */
export function ownBurnerEffect(trip: Trip, calibration: Calibration, mishaps: Mishaps, cache: PlanCache = planCache()): OwnBurnerEffect {
  const [before, after] = [tripWithBurner(trip, calibration.of), tripWithBurner(trip, calibration.of, calibration)];
  const [planned, own] = [planTrip(before, { cache }), planTrip(after, { cache })];
  const reserves = (t: Trip, plan: Plan): number[] =>
    planRisk(t, plan, mishaps, { cache }).map((risk, i) =>
      risk ? Math.max(0, riskOfCarry(t, risk).fuelForLimitG - plan.carries[i]!.demandG) : 0,
    );
  const [reserveBefore, reserveAfter] = [reserves(before, planned), reserves(after, own)];
  const carries = planned.carries.map((c: CarryPlan, i) => ({
    from: c.from,
    to: c.to,
    demandBeforeG: c.demandG,
    demandAfterG: own.carries[i]!.demandG,
    reserveBeforeG: reserveBefore[i]!,
    reserveAfterG: reserveAfter[i]!,
  }));
  return { carries, mealsLost: missedMeals(after, own) - missedMeals(before, planned) };
}
