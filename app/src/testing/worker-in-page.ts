import type { Remote } from 'comlink';
import { WorkerBroken, type WorkerLink } from '../platform/worker-link';

/** Stands in for a worker in Jest: the same object on the same thread, answered asynchronously; what is ended answers no more. */
export function workerInPage<T extends object>(host: T): WorkerLink<T> {
  let end: (why: Error) => void = () => undefined;
  const ended = new Promise<never>((_, reject) => (end = reject));
  ended.catch(() => undefined);
  const remote = new Proxy(host, {
    get:
      (target, name) =>
      (...args: unknown[]) =>
        Promise.resolve().then(() => (Reflect.get(target, name) as (...a: unknown[]) => unknown).apply(target, args)),
  }) as unknown as Remote<T>;
  return {
    call: (work) => Promise.race([work(remote), ended]),
    end: () => end(new WorkerBroken('the worker was ended', true)),
  };
}
