import { wrap, type Remote } from 'comlink';

/** A worker that can be called, is heard when it breaks, and can be ended in the middle of its work. */
export interface WorkerLink<T> {
  /** Calls into the worker; rejects as well when the worker breaks, or is ended, before it has answered. */
  call<A>(work: (remote: Remote<T>) => Promise<A>): Promise<A>;
  end(): void;
}

/** What a call to a worker that cannot answer any more is rejected with. */
export class WorkerBroken extends Error {
  constructor(why: string) {
    super(why);
    this.name = 'WorkerBroken';
  }
}

/** Puts comlink between the page and a worker, and listens for what comlink does not: a worker that never starts, or throws by itself. */
export function linkWorker<T>(worker: Worker): WorkerLink<T> {
  const remote = wrap<T>(worker);
  let breakOff: (e: WorkerBroken) => void = () => undefined;
  const broken = new Promise<never>((_, reject) => (breakOff = reject));
  broken.catch(() => undefined); // heard by the calls that are waiting, if any
  worker.addEventListener('error', (e) => breakOff(new WorkerBroken(e.message || 'the worker could not be started')));
  worker.addEventListener('messageerror', () => breakOff(new WorkerBroken('the worker said something that cannot be read')));
  return {
    call: (work) => Promise.race([work(remote), broken]),
    end: () => {
      worker.terminate();
      breakOff(new WorkerBroken('the worker was ended'));
    },
  };
}
