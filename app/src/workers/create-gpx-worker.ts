import { proxy, wrap, type Remote } from 'comlink';
import type { GpxReader } from './gpx-reader';

/** Starts the worker that reads GPX files. Alone in this file so that tests can replace it. */
export function createGpxWorker(): Remote<GpxReader> {
  return wrap<GpxReader>(new Worker(new URL('./gpx.worker', import.meta.url), { type: 'module' }));
}

/** A callback that can be called from the worker. */
export const fromWorker = <T extends object>(callback: T): T => proxy(callback);
