import { startEarly } from './platform/create-plan-worker';

/** Imported before all else of the page, so that the worker is on its way while the rest is still being read. */
export const EARLY_PLANNER = startEarly();
