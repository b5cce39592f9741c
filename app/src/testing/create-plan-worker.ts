import { planTrip } from '@tinder/core/plan';
import type { Planner } from '../workers/planner';
import { workerInPage } from './worker-in-page';

export const createPlanWorker = () => workerInPage<Planner>({ plan: (trip, report) => planTrip(trip, report) });
