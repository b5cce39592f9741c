import { airKeyOf } from '../../domain/menu';
import { daysOf, LIMITS, newSetup, newTest, type BenchTest, type Trip, type WalkEvent } from '../../domain/model';
import type { CarryPlan, Plan } from '../../planning/planned';
import { setupOf } from '../../studies/study';
import { tripOnLeg } from '../../domain/trail';
import { sortedByTime } from './log';
import { afterEvent, factorOf, factorSdBefore, leftOf, stateAfter, type WalkState } from './walk-state';

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
  const log = sortedByTime(trip.walk?.log ?? []);
  const { parts, state } = partsOf(log, factorSd);
  const carries = parts.flatMap((part): CarryRecord[] => {
    const carry = plan.carries.find((c) => c.fromStopId === part.stopId);
    return carry ? [recordOf(carry, part)] : [];
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

/** What happened from one stop to the next. */
interface Part {
  stopId: string;
  events: WalkEvent[];
  left: { mean: number; sd: number };
  burntG: number;
}

/** A log cut where stops were left, with what was burnt on each part; what is spilt is not burnt. */
function partsOf(log: readonly WalkEvent[], factorSd: number): { parts: Part[]; state: WalkState } {
  const cuts = log.flatMap((e, i) => (e.kind === 'filled' ? [{ i, stopId: e.stopId }] : []));
  let state = stateAfter(log.slice(0, cuts[0]?.i), factorSd);
  const parts = cuts.map(({ i, stopId }, n): Part => {
    const events = log.slice(i + 1, cuts[n + 1]?.i);
    state = afterEvent(state, log[i]!);
    const carriedG = leftOf(state).mean;
    state = events.reduce((s, e) => afterEvent(s, e), state);
    const left = leftOf(state);
    const spiltG = events.reduce((g, e) => g + (e.kind === 'spilt' ? e.fuelG : 0), 0);
    return { stopId, events, left, burntG: carriedG - left.mean - spiltG };
  });
  return { parts, state };
}

/** One walked trip in the record of a walker. */
export interface TripRecord {
  id: string;
  name: string;
  cooked: number;
  /** Grams a cooked meal really took on the mean, drinks and relights included; undefined where none was cooked. */
  perMealG?: number;
  /** Water of a cooked meal on the mean, mL. */
  waterMl?: number;
  factor: { mean: number; sd: number };
  /** Share of the cooked meals whose air was below freezing. */
  frostShare?: number;
}

/**
 * What a walked trip says on its own, without its plan: for the record over trips. How far its burner was known before comes from the kit, roughly:
 * tested or not.
 */
export function tripRecord(trip: Trip): TripRecord {
  const log = sortedByTime(trip.walk?.log ?? []);
  const { parts, state } = partsOf(log, factorSdBefore(trip.kit.calibration ? 0 : undefined));
  const cooked = parts.flatMap((p) => p.events).filter((e) => e.kind === 'cooked');
  const days = daysOf(trip);
  const mean = (value: (e: (typeof cooked)[number]) => number): number => cooked.reduce((sum, e) => sum + value(e), 0) / cooked.length;
  const airC = (e: (typeof cooked)[number]): number => days[e.day - 1]?.[airKeyOf(e.meal)] ?? Infinity;
  return {
    id: trip.id,
    name: trip.name,
    cooked: cooked.length,
    factor: factorOf(state),
    ...(cooked.length
      ? {
          perMealG: parts.reduce((g, p) => g + p.burntG, 0) / cooked.length,
          waterMl: mean((e) => e.waterMl),
          frostShare: mean((e) => Number(airC(e) < 0)),
        }
      : {}),
  };
}

function recordOf(carry: CarryPlan, { events, left, burntG }: Part): CarryRecord {
  return {
    fromStopId: carry.fromStopId,
    from: carry.from,
    to: carry.to,
    plannedG: carry.demandG,
    modelG: events.reduce((g, e) => g + ('modelG' in e ? e.modelG : 0), 0),
    burntG,
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
  return burnsAlone(sortedByTime(trip.walk?.log ?? [])).flatMap(({ only, burntG, sdG }) => {
    const day = plan.days[only.day - 1]!;
    const meal = day.meals[only.meal];
    const stop = plan.carries.find((c) => c.days.some((d) => d.day === only.day))?.fromStop ?? 0;
    if (!meal || meal.facts.target.kind === 'fry') return [];
    const usual = newSetup(kitName, tripOnLeg(trip, stop).kit);
    const setup = {
      ...setupOf(meal, usual),
      waterMl: only.waterMl,
      altitudeM: day.altitudeM,
      wind: only.wind ?? ({ kind: 'flame', mps: day.windMps } as const),
      scale: { ...usual.scale, ownSdG: Math.max(LIMITS.scaleSdG.min, sdG / Math.SQRT2) },
    };
    const read = { fuel: { how: 'told', burntG }, seconds: only.clockS, end: 'reached' } as const;
    return [
      newTest(`walk-${only.id}`.slice(0, 64), only.at.slice(0, 10), setup, read, {
        note: `on day ${only.day} of ${trip.name}`.slice(0, 300),
      }),
    ];
  });
}

/** A dish that was timed, alone between two readings. */
interface BurnAlone {
  only: Cooked & { clockS: number };
  burntG: number;
  /** Of the two readings together, g. */
  sdG: number;
}
type Cooked = Extract<WalkEvent, { kind: 'cooked' }>;

function burnsAlone(log: readonly WalkEvent[]): BurnAlone[] {
  const readings = log.flatMap((e, at) => (e.kind === 'weighed' ? [{ ...e, at }] : []));
  return readings.slice(1).flatMap((after, n) => {
    const from = readings[n]!;
    const between = log.slice(from.at + 1, after.at).filter((e) => e.kind !== 'skipped');
    const [only] = between;
    if (between.length !== 1 || only?.kind !== 'cooked' || only.clockS === undefined) return [];
    const burntG = from.fuelG - after.fuelG;
    return burntG < 0.1 ? [] : [{ only: { ...only, clockS: only.clockS }, burntG, sdG: Math.hypot(from.sdG, after.sdG) }];
  });
}
