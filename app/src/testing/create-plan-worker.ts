import { PLANNER, type Planner } from '../workers/planner';
import { workerInPage } from './worker-in-page';

export const createPlanWorker = () => workerInPage<Planner>(PLANNER);
export const plannerOnPage = () => Promise.resolve(PLANNER);
