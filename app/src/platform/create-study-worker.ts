import type { StudyHost } from '../workers/study-host';
import { linkWorker, type WorkerLink } from './worker-link';

/** Starts the study worker. Alone in this file so that tests can replace it. */
export const createStudyWorker = (): WorkerLink<StudyHost> =>
  linkWorker(new Worker(new URL('../workers/study.worker', import.meta.url), { type: 'module' }));

/** The same without a worker. */
export const studiesOnPage = async (): Promise<StudyHost> => (await import('../workers/app-study-host')).appStudyHost();
