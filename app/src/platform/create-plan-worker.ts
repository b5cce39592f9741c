import type { Planner } from '../workers/planner';
import { linkWorker, type WorkerLink } from './worker-link';

const start = (): WorkerLink<Planner> => linkWorker(new Worker(new URL('../workers/plan.worker', import.meta.url), { type: 'module' }));
let started: WorkerLink<Planner> | undefined;

/** Starts the plan worker before anybody asks for it: it is fetched while the page is built. */
export function startPlanWorker(): void {
  try {
    started = start();
  } catch {
    // where no worker can be had, the one who asks for it hears why
  }
}

/** The plan worker that was started with the page; a new one where that is taken. Alone in this file so that tests can replace it. */
export function createPlanWorker(): WorkerLink<Planner> {
  const link = started ?? start();
  started = undefined;
  return link;
}

/** The same without a worker. */
export const plannerOnPage = async (): Promise<Planner> => (await import('../workers/planner')).PLANNER;
