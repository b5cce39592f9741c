import type { TrackReader } from '../workers/track-reader';
import { linkWorker, type WorkerLink } from './worker-link';

/** Starts the worker that reads files of tracks. Alone in this file so that tests can replace it. */
export const createTrackWorker = (): WorkerLink<TrackReader> =>
  linkWorker(new Worker(new URL('../workers/track.worker', import.meta.url), { type: 'module' }));
