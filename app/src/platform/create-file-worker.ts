import type { FileReader } from '../workers/file-reader';
import { linkWorker, type WorkerLink } from './worker-link';

/** Starts the worker that reads trip files and tables. Alone in this file so that tests can replace it. */
export const createFileWorker = (): WorkerLink<FileReader> =>
  linkWorker(new Worker(new URL('../workers/file.worker', import.meta.url), { type: 'module' }));
