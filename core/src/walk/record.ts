import { LIMITS, newSetup, newTest, type BenchTest, type Trip, type WalkEvent } from '../model';
import type { CarryPlan, Plan } from '../planned';
import { setupOf } from '../study';
import { tripOnLeg } from '../trail';
import { inOrder } from './log';
import { afterEvent, factorOf, leftOf, stateAfter } from './walk-state';

/** One carry as it was planned and as it went. */
export interface CarryRecord {
  fromStopId: string;
  from: string;
  to: string;
  plannedG: number;
  /** Of what was written down, by the model. */
  modelG: number;
  /** What was really burnt, and how far that is known, g. */
  burntG: number;
  burntSdG: number;
  /** What was left at its end, g. */
  leftG: number;
  cooked: number;
  skipped: number;
  readings: number;
}
export interface WalkRecord {
  carries: CarryRecord[];
  /** f at the end, as far as readings have told. */
  factor: { mean: number; sd: number };
  /** Minutes by the clock, and as they felt, over the burns that have both. */
  clockS: number;
  feltS: number;
  timed: number;
  cooked: number;
  /** Grams a cooked meal really took on the mean. */
  perMealG: number;
  /** Planned evenings and mornings below freezing that were walked. */
  frosts: number;
}

/** Planned against burnt, carry by carry, for as much as is written down. */
export function walkRecord(trip: Trip, plan: Plan, factorSd: number): WalkRecord {
  const log = inOrder(trip.walk?.log ?? []);
  const cuts = log.flatMap((e, i) => (e.kind === 'filled' ? [{ i, stopId: e.stopId }] : []));
  let state = stateAfter(log.slice(0, cuts[0]?.i), factorSd);
  const carries = cuts.flatMap(({ i, stopId }, n): CarryRecord[] => {
    const [filled, ...events] = log.slice(i, cuts[n + 1]?.i);
    state = afterEvent(state, filled);
    const carriedG = leftOf(state).mean;
    state = events.reduce((s, e) => afterEvent(s, e), state);
    const carry = plan.carries.find((c) => c.fromStopId === stopId);
    return carry ? [recordOf(carry, events, { carriedG, left: leftOf(state) })] : [];
  });
  const cooked = log.filter((e) => e.kind === 'cooked');
  const timed = cooked.filter((e) => e.clockS !== undefined && e.feltS !== undefined);
  const burntG = carries.reduce((g, c) => g + c.burntG, 0);
  const meals = carries.reduce((n, c) => n + c.cooked, 0);
  const walked = new Set(log.map((e) => e.day));
  return {
    carries,
    factor: factorOf(state),
    clockS: timed.reduce((s, e) => s + (e.clockS ?? 0), 0),
    feltS: timed.reduce((s, e) => s + (e.feltS ?? 0), 0),
    timed: timed.length,
    cooked: meals,
    perMealG: meals ? burntG / meals : 0,
    frosts: plan.days.filter((d) => walked.has(d.day)).reduce((n, d) => n + Number(d.supperAirC < 0) + Number(d.breakfastAirC < 0), 0),
  };
}

function recordOf(
  carry: CarryPlan,
  events: readonly WalkEvent[],
  { carriedG, left }: { carriedG: number; left: { mean: number; sd: number } },
): CarryRecord {
  const spiltG = events.reduce((g, e) => g + (e.kind === 'spilt' ? e.fuelG : 0), 0);
  return {
    fromStopId: carry.fromStopId,
    from: carry.from,
    to: carry.to,
    plannedG: carry.demandG,
    modelG: events.reduce((g, e) => g + ('modelG' in e ? e.modelG : 0), 0),
    burntG: carriedG - left.mean - spiltG,
    burntSdG: left.sd,
    leftG: left.mean,
    cooked: events.filter((e) => e.kind === 'cooked').length,
    skipped: events.filter((e) => e.kind === 'skipped').length,
    readings: events.filter((e) => e.kind === 'weighed').length,
  };
}

/**
 * Burns of a log that tell something at the bench: one dish alone between two readings, with its time by the clock. `kitName` names what
 * is kept, its id the line of the log; a burn with a spill, a relight or a second dish beside it tells nothing of one burn and is left out.
 */
export function benchTestsOf(trip: Trip, plan: Plan, kitName: string): BenchTest[] {
  const log = inOrder(trip.walk?.log ?? []);
  const readings = log.flatMap((e, i) => (e.kind === 'weighed' ? [i] : []));
  return readings.slice(1).flatMap((to, n) => {
    const [from, between] = [log[readings[n]], log.slice(readings[n] + 1, to)];
    const after = log[to];
    const [only] = between.filter((e) => e.kind !== 'skipped');
    if (from.kind !== 'weighed' || after.kind !== 'weighed' || only?.kind !== 'cooked' || only.clockS === undefined) return [];
    if (between.some((e) => e !== only && e.kind !== 'skipped') || from.fuelG - after.fuelG < 0.1) return [];
    const day = plan.days[only.day - 1];
    const meal = day.meals[only.meal];
    const stop = plan.carries.find((c) => c.days.some((d) => d.day === only.day))?.fromStop ?? 0;
    if (!meal || meal.facts.target.kind === 'fry') return [];
    const usual = newSetup(kitName, tripOnLeg(trip, stop).kit);
    const setup = {
      ...setupOf(meal, usual),
      waterMl: only.waterMl,
      altitudeM: day.altitudeM,
      wind: only.wind ?? ({ kind: 'flame', mps: day.windMps } as const),
      scale: { ...usual.scale, ownSdG: Math.max(LIMITS.scaleSdG.min, Math.hypot(from.sdG, after.sdG) / Math.SQRT2) },
    };
    const read = { fuel: { how: 'told', burntG: from.fuelG - after.fuelG }, seconds: only.clockS, end: 'reached' } as const;
    return [
      newTest(`walk-${only.id}`.slice(0, 64), only.at.slice(0, 10), setup, read, {
        note: `on day ${only.day} of ${trip.name}`.slice(0, 300),
      }),
    ];
  });
}
