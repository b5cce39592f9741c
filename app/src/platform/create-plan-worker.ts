import type { Planner } from '../workers/planner';
import { linkWorker, type WorkerLink } from './worker-link';

/** Starts the plan worker. Alone in this file so that tests can replace it. */
export const createPlanWorker = (): WorkerLink<Planner> =>
  linkWorker(new Worker(new URL('../workers/plan.worker', import.meta.url), { type: 'module' }));

/** The same without a worker. */
export const plannerOnPage = async (): Promise<Planner> => (await import('../workers/planner')).PLANNER;
