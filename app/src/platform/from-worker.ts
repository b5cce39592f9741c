import { proxy } from 'comlink';

/** A callback that can be called from a worker. */
export const fromWorker = <T extends object>(callback: T): T => proxy(callback);
