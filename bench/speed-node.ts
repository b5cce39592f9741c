// What is asked of the core, in Node. Each measurement is of a trip that nothing has been worked out for before.
import { simulateBurn } from '@tinder/core/physics/burn';
import { DEMO_TRIP } from '@tinder/core/demo';
import type { Trip } from '@tinder/core/domain/model';
import { FRESH_CAN, kitInUse, planCache, planTrip, sourceFor } from '@tinder/core/planning/plan';
import { normals, runOutRisk, seededRandom } from '@tinder/core/planning/risk';
import { habitLedger, uncertainCarry } from '@tinder/core/studies/study';
import { edited, fresh } from './edits';
import { halfAYear } from './heavy-demo';
import { largeTrips, loadOutRace } from './load-outs';
import { quantile, timed } from './numbers';
import { told, under, type Row } from './rows';
import { medianOf, samples } from './samples';

const BURNS = 1000;
const TRIPS = 10_000;

/** One burn of the demo's own, ms. */
async function burnMs(): Promise<number> {
  const use = kitInUse(DEMO_TRIP.kit);
  const facts = planTrip(DEMO_TRIP).days.flatMap((d) => Object.values(d.meals).map((m) => m.facts));
  const burns = (): void => {
    for (let i = 0; i < BURNS; i++) {
      const f = facts[i % facts.length];
      simulateBurn({ ...f, source: sourceFor(use, f, { ...FRESH_CAN, fuelLeftG: 60 + ((i * 4) % 1700) / 10 }) });
    }
  };
  return (await medianOf(9, () => timed(burns))) / BURNS;
}

/** What the worker would know from the plans before. */
const cache = planCache();
/** How long a plan takes, ms. */
const planMs = (trip: Trip): number => timed(() => planTrip(trip, { cache }));

export async function demoEdits(): Promise<Row[]> {
  const editMs = await samples(200, (i) => planMs(edited(DEMO_TRIP, i)));
  const oneMs = await burnMs();
  const anewMs = await medianOf(15, (i) => planMs(fresh(DEMO_TRIP, i)));
  return [
    under('demo plan, edit of one day, in Node, median', quantile(editMs, 0.5), 4, 'ms', 1),
    // asked for in the browser's worker: Node's engine is an older one
    told('the same, 95th percentile', `${quantile(editMs, 0.95).toFixed(1)} ms`),
    under('the same as multiples of one burn', quantile(editMs, 0.5) / oneMs, 70, 'burns'),
    under('demo plan from nothing, as multiples of one burn', anewMs / oneMs, 391, 'burns'),
  ];
}

export async function ledgerAfterEdit(): Promise<Row[]> {
  const ledgerMs = (i: number): number => {
    const trip = edited(DEMO_TRIP, i);
    const plan = planTrip(trip, { cache });
    return timed(() => habitLedger(trip, plan, cache));
  };
  return [under('habit ledger after an edit', await medianOf(9, ledgerMs), 120, 'ms')];
}

export async function longTrip(): Promise<Row[]> {
  const long = halfAYear();
  const anewMs = await medianOf(5, (i) => planMs(fresh(long, i)));
  planTrip(long, { cache });
  const editMs = await medianOf(15, (i) => planMs(edited(long, i)));
  return [
    told('200 days, 60 stops, planned from nothing, in Node', `${anewMs.toFixed(0)} ms`),
    under('… edit of one day, in Node', editMs, 50, 'ms'),
  ];
}

export async function manyTrips(): Promise<Row[]> {
  const carries = planTrip(DEMO_TRIP).carries.map((c) => uncertainCarry(DEMO_TRIP, c));
  const drawnMs = await medianOf(7, (seed) => timed(() => runOutRisk(carries, TRIPS, seed)));
  const lines = carries.flatMap((c) => c.days.flatMap((d) => d.burns));
  const bareLoop = (seed: number): number => {
    const normal = normals(seededRandom(seed));
    let sum = 0;
    for (let t = 0; t < TRIPS; t++) for (const b of lines) sum += b.needG + b.perWaterK * normal();
    return sum;
  };
  const bareMs = await medianOf(7, (seed) => timed(() => bareLoop(seed)));
  return [
    under('10,000 trips of 23 days', drawnMs, 100, 'ms'),
    under('the same over a bare loop over the straight lines', drawnMs / bareMs, 5, 'times', 1),
  ];
}

/** A ratio, and the same work on both sides of it: not waited for. */
export async function smallLoadOuts(): Promise<Row[]> {
  const { cases, equal, ratio } = await loadOutRace(300);
  if (equal < cases) process.exitCode = 1;
  return [
    {
      what: `load-outs of ${cases} small trips against HiGHS`,
      reached: `${equal} equal, ${ratio.toFixed(0)} times faster`,
      wanted: 'all equal, over 200 times faster',
      isMet: equal === cases && ratio > 200,
    },
  ];
}

/** Proofs: no time of theirs is asked for. */
export function largeLoadOuts(): Row[] {
  const { cases, proven, worstGap, medianMs } = largeTrips(100);
  return [
    {
      what: `load-outs of ${cases} large trips, 40 to 60 scattered stops`,
      reached: `${proven} proven; the others at most ${(100 * worstGap).toFixed(1)} % above what none can undercut, ${medianMs.toFixed(0)} ms each`,
      wanted: 'all proven, or a gap stated under 1 %',
      isMet: worstGap < 0.01,
    },
  ];
}
