import { GpxReader } from '../workers/gpx-reader';
import { workerInPage } from './worker-in-page';

export const createGpxWorker = () => workerInPage(new GpxReader());
