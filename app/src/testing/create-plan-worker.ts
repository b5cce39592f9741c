import type { Remote } from 'comlink';
import { planner, type Planner } from '../workers/planner';

/** Stands in for the worker in Jest: the same planner, answered asynchronously. */
export function createPlanWorker(): Remote<Planner> {
  return {
    plan: (...a: Parameters<Planner['plan']>) => Promise.resolve(planner.plan(...a)),
    changes: (...a: Parameters<Planner['changes']>) => Promise.resolve(planner.changes(...a)),
    closer: (...a: Parameters<Planner['closer']>) => Promise.resolve(planner.closer(...a)),
    inferBlend: (...a: Parameters<Planner['inferBlend']>) => Promise.resolve(planner.inferBlend(...a)),
    habits: (...a: Parameters<Planner['habits']>) => Promise.resolve(planner.habits(...a)),
    perKcal: (...a: Parameters<Planner['perKcal']>) => Promise.resolve(planner.perKcal(...a)),
    card: (...a: Parameters<Planner['card']>) => Promise.resolve(planner.card(...a)),
  } as unknown as Remote<Planner>;
}
