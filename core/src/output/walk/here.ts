import { drawnDown, fuelOfG } from '../../domain/carry';
import { fuelById } from '../../physics/fuel';
import { MEALS, type Trip, type WalkEvent } from '../../domain/model';
import { planFrom, type PlanCache } from '../../planning/plan';
import { carryOfDay, type CarryPlan, type Plan } from '../../planning/planned';
import { riskLimit } from '../../planning/risk';
import { burnerDoubt } from '../../studies/study';
import { tripOnLeg } from '../../domain/trail';
import { burnsAhead, wholeStretch, type MealAhead, type Stretch } from './ahead';
import { forecast, spareG, type Forecast } from './forecast';
import { filledAsPlanned, heldAfter } from './held';
import { dayOfWalk, sortedByTime, mealKey, writtenMeals } from './log';
import { afterEvent, factorOf, factorSdBefore, leftOf, RESIDUE_G, startState, stateAfter, type WalkState } from './walk-state';

/** What was known of what is left after an event, g. */
export interface PastPoint {
  day: number;
  leftG: number;
  sdG: number;
  /** Where the plan would be by then, g. */
  plannedG: number;
  isReading: boolean;
}

/** A walk as it stands. */
export interface WalkHere {
  day: number;
  carry: CarryPlan;
  /** The stop it left was written down; else it is taken as planned. */
  hasLeft: boolean;
  stretch: Stretch;
  state: WalkState;
  leftG: { mean: number; sd: number };
  factor: { mean: number; sd: number };
  /** f before the first burn, one standard deviation. */
  factorSd: number;
  residueG: number;
  limit: number;
  /** What is still to be cooked up to the next stop. */
  ahead: MealAhead[];
  forecast: Forecast;
  /** What may be burnt besides within the limit, g. */
  spareG: number;
  past: PastPoint[];
  /** Meals before today that nothing is written about. */
  unwritten: MealAhead[];
  /** What the next stop would be left with, coming to it with what will be left; undefined at the last one. */
  next?: Pick<CarryPlan, 'from' | 'to' | 'bought' | 'left' | 'supply' | 'fuelG' | 'price'>;
}

/** Only what is in a can stays there: what is poured or counted out burns to the end. */
export const residueOf = (trip: Trip, carry: Pick<CarryPlan, 'fromStop'>): number =>
  fuelById(tripOnLeg(trip, carry.fromStop).kit.fuelId).kind === 'gas' ? RESIDUE_G : 0;

/** How far f is known before the first burn of a carry. */
export const factorSdOf = (trip: Trip, carry: CarryPlan, cache?: PlanCache): number =>
  factorSdBefore(burnerDoubt(tripOnLeg(trip, carry.fromStop).kit, carry, cache));

/**
 * Where a walk stands on the day `today` of the calendar (year-month-day): what is left, the burns ahead from what is carried, and the chance of
 * reaching the next stop. Undefined for a trip that is not walked.
 */
export function walkHere(trip: Trip, plan: Plan, today: string, cache?: PlanCache): WalkHere | undefined {
  if (!trip.walk) return undefined;
  const log = sortedByTime(trip.walk.log);
  const lastDay = plan.days[plan.days.length - 1]!.day;
  const day = dayOfWalk(trip, today, lastDay);
  // the event by which the present carry began
  const filled = log.findLast((e) => e.kind === 'filled');
  const carry = plan.carries.find((c) => c.fromStopId === filled?.stopId) ?? carryOfDay(plan, day);
  const factorSd = factorSdOf(trip, carry, cache);
  const fuel = fuelById(tripOnLeg(trip, carry.fromStop).kit.fuelId);
  const hasLeft = filled !== undefined && filled.stopId === carry.fromStopId;
  const stretch: Stretch = {
    ...wholeStretch(carry),
    written: writtenMeals(log),
    containers: hasLeft ? heldAfter(fuel, log, factorSd) : carry.containers,
  };
  const known = stateAfter(log, factorSd);
  // a stop that nobody wrote down is left as it was planned
  const state = hasLeft ? known : afterEvent(known, filledAsPlanned(carry, { id: '', at: '' }));
  const ahead = burnsAhead(trip, stretch, { cache });
  const residueG = residueOf(trip, carry);
  const limit = riskLimit(trip);
  return {
    day,
    carry,
    hasLeft,
    stretch,
    state,
    leftG: leftOf(state),
    factor: factorOf(state),
    factorSd,
    residueG,
    limit,
    ahead,
    forecast: forecast(state, ahead, residueG),
    spareG: spareG(state, ahead, limit, residueG),
    past: pastOf(carry, log, factorSd),
    unwritten: ahead.filter((b) => b.day < day),
    ...nextStop(trip, plan, carry, { containers: stretch.containers, ahead }, cache),
  };
}

/** What is left after every event of the present carry, beside the plan. */
function pastOf(carry: CarryPlan, log: readonly WalkEvent[], factorSd: number): PastPoint[] {
  const from = log.findLastIndex((e) => e.kind === 'filled');
  let state = startState(factorSd);
  const points: PastPoint[] = [];
  log.forEach((event, i) => {
    state = afterEvent(state, event);
    if (i < from || event.kind === 'skipped') return;
    const { mean, sd } = leftOf(state);
    points.push({
      day: event.day,
      leftG: mean,
      sdG: sd,
      plannedG: plannedLeftG(carry, log.slice(from, i + 1)),
      isReading: event.kind === 'weighed',
    });
  });
  return points;
}

/** Where the plan would be after the meals that some events tell of, g. */
function plannedLeftG(carry: CarryPlan, events: readonly WalkEvent[]): number {
  const logged = writtenMeals(events);
  const burntG = carry.days.reduce(
    (sum, d) => sum + MEALS.reduce((s, m) => s + (logged.has(mealKey(d.day, m)) ? (d.meals[m]?.fuelG ?? 0) : 0), 0),
    0,
  );
  return fuelOfG(carry.containers) - burntG;
}

/** The next stop planned with what will really be carried to it. */
function nextStop(
  trip: Trip,
  plan: Plan,
  carry: CarryPlan,
  { containers, ahead }: Pick<Stretch, 'containers'> & Pick<WalkHere, 'ahead'>,
  cache?: PlanCache,
): Pick<WalkHere, 'next'> {
  const at = plan.carries.indexOf(carry);
  const after = plan.carries[at + 1];
  if (!after) return {};
  const arrivedWith = drawnDown(
    containers,
    ahead.reduce((sum, b) => sum + b.modelG, 0),
  );
  const then = planFrom(trip, { stop: after.fromStop, arrivedWith, home: after.home }, { cache }).carries[0]!;
  const { from, to, bought, left, supply, fuelG, price } = then;
  return { next: { from, to, bought, left, supply, fuelG, price } };
}
