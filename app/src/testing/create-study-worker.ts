import { planCache } from '@tinder/core/planning/plan';
import { StudyHost } from '../workers/study-host';
import { workerInPage } from './worker-in-page';

/** Fewer than in the app: here they are drawn on the page's own thread. */
const TRIPS_DRAWN = 400;
const host = () => new StudyHost({ tripsDrawn: TRIPS_DRAWN, cache: planCache() });

export const createStudyWorker = () => workerInPage(host());
export const studiesOnPage = () => Promise.resolve(host());
