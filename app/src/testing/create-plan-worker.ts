import type { Remote } from 'comlink';
import type { PlanWorker } from '../workers/create-plan-worker';
import { plannerDrawing, type Planner } from '../workers/planner';

/** Fewer than in the app: here they are drawn on the page's own thread. */
const TRIPS_DRAWN = 400;

/** Stands in for the worker in Jest: the same planner, answered asynchronously. */
export function createPlanWorker(): PlanWorker {
  const answering =
    (f: (...a: unknown[]) => unknown) =>
    (...a: unknown[]) =>
      Promise.resolve(f(...a));
  const planner = Object.fromEntries(
    Object.entries(plannerDrawing(TRIPS_DRAWN)).map(([name, f]) => [name, answering(f as (...a: unknown[]) => unknown)]),
  ) as unknown as Remote<Planner>;
  return { planner, end: () => undefined };
}
