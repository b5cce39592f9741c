import type { Remote } from 'comlink';
import { planner, type Planner } from '../workers/planner';

/** Stands in for the worker in Jest: the same planner, answered asynchronously. */
export function createPlanWorker(): Remote<Planner> {
  const answering =
    (f: (...a: unknown[]) => unknown) =>
    (...a: unknown[]) =>
      Promise.resolve(f(...a));
  return Object.fromEntries(
    Object.entries(planner).map(([name, f]) => [name, answering(f as (...a: unknown[]) => unknown)]),
  ) as unknown as Remote<Planner>;
}
