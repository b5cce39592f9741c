import type { Remote } from 'comlink';
import type { FileReader } from '../workers/file-reader';
import { createFileWorker } from './create-file-worker';

/** Reads a file in a worker of its own, which ends with it. Rejects where the worker cannot be had. */
export async function readFile<A>(work: (reader: Remote<FileReader>) => Promise<A>): Promise<A> {
  const link = createFileWorker();
  try {
    return await link.call(work);
  } finally {
    link.end();
  }
}
