import type { Remote } from 'comlink';
import { GpxReader } from '../workers/gpx-reader';

/** Stands in for the worker in Jest: the same reader on the same thread. */
export function createGpxWorker(): Remote<GpxReader> {
  const reader = new GpxReader();
  return {
    open: (...a: Parameters<GpxReader['open']>) => reader.open(...a),
    layOut: (...a: Parameters<GpxReader['layOut']>) => Promise.resolve(reader.layOut(...a)),
  } as unknown as Remote<GpxReader>;
}
export const fromWorker = <T>(callback: T): T => callback;
