import { wrap, type Remote } from 'comlink';
import type { Planner } from './planner';

/** A planner in a worker of its own, which can be ended in the middle of its work. */
export interface PlanWorker {
  planner: Remote<Planner>;
  end(): void;
}

/** Starts the plan worker. Alone in this file so that tests can replace it. */
export function createPlanWorker(): PlanWorker {
  const worker = new Worker(new URL('./plan.worker', import.meta.url), { type: 'module' });
  return { planner: wrap<Planner>(worker), end: () => worker.terminate() };
}
