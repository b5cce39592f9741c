import { FileReader } from '../workers/file-reader';
import { workerInPage } from './worker-in-page';

export const createFileWorker = () => workerInPage(new FileReader());
