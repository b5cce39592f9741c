import type { Planner } from '../workers/planner';
import { linkWorker, type WorkerLink } from './worker-link';

const start = (): WorkerLink<Planner> => linkWorker(new Worker(new URL('../workers/plan.worker', import.meta.url), { type: 'module' }));
let early: WorkerLink<Planner> | undefined;

/** Starts the plan worker before anybody asks for it: it is fetched and warm by the time that the page has a trip. */
export function startEarly(): WorkerLink<Planner> | undefined {
  try {
    early = start();
  } catch {
    // where no worker can be had, the one who asks for it hears why
  }
  return early;
}

/** Starts the plan worker, or gives the one that was started early. Alone in this file so that tests can replace it. */
export function createPlanWorker(): WorkerLink<Planner> {
  const link = early ?? start();
  early = undefined;
  return link;
}

/** The same without a worker. */
export const plannerOnPage = async (): Promise<Planner> => (await import('../workers/planner')).PLANNER;
