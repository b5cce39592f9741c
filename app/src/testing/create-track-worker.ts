import { TrackReader } from '../workers/track-reader';
import { workerInPage } from './worker-in-page';

export const createTrackWorker = () => workerInPage(new TrackReader());
