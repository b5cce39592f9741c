import { wrap, type Remote } from 'comlink';
import type { Planner } from './planner';

/** Starts the plan worker. Alone in this file so that tests can replace it. */
export function createPlanWorker(): Remote<Planner> {
  return wrap<Planner>(new Worker(new URL('./plan.worker', import.meta.url), { type: 'module' }));
}
