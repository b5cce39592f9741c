import type { GpxReader } from '../workers/gpx-reader';
import { linkWorker, type WorkerLink } from './worker-link';

/** Starts the worker that reads GPX files. Alone in this file so that tests can replace it. */
export const createGpxWorker = (): WorkerLink<GpxReader> =>
  linkWorker(new Worker(new URL('../workers/gpx.worker', import.meta.url), { type: 'module' }));
