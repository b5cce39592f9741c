import { wrap, type Remote } from 'comlink';

/** A worker that can be called, is heard when it breaks, and can be ended in the middle of its work. */
export interface WorkerLink<T> {
  /** Calls into the worker; rejects as well when the worker breaks, or is ended, before it has answered. */
  call<A>(work: (remote: Remote<T>) => Promise<A>): Promise<A>;
  end(): void;
}

/** What a call to a worker that cannot answer any more is rejected with. */
export class WorkerBroken extends Error {
  constructor(
    why: string,
    /** It was there once: another one may be, too. */
    readonly wasAlive: boolean,
  ) {
    super(why);
    this.name = 'WorkerBroken';
  }
}

/** How long a worker may say nothing at all: far more than any needs. */
export interface Patience {
  /** From a first question until it shows that it is there: it may have to be fetched over a slow line, ms. */
  untilAliveMs: number;
  /** While it works; long studies report, or are done within, ms. */
  whileWorkingMs: number;
}
export const USUAL_PATIENCE: Patience = { untilAliveMs: 30_000, whileWorkingMs: 180_000 };

/**
 * Puts comlink between the page and a worker, and listens for what comlink does not: a worker that never starts, throws by itself, or
 * falls silent.
 */
export function linkWorker<T>(worker: Worker, patience = USUAL_PATIENCE): WorkerLink<T> {
  const remote = wrap<T>(worker);
  let alive = false;
  let breakOff: (why: string) => void = () => undefined;
  const broken = new Promise<never>((_, reject) => (breakOff = (why) => reject(new WorkerBroken(why, alive))));
  broken.catch(() => undefined); // heard by the calls that are waiting, if any
  let waiting = 0;
  let silence: ReturnType<typeof setTimeout> | undefined;
  const expectWithin = (ms: number, orElse: string): void => {
    clearTimeout(silence);
    silence = waiting > 0 ? setTimeout(() => breakOff(orElse), ms) : undefined;
  };
  const heard = (): void => {
    alive = true;
    expectWithin(patience.whileWorkingMs, 'the worker has stopped answering');
  };
  worker.addEventListener('message', heard);
  worker.addEventListener('error', (e) => breakOff(e.message || 'the worker could not be started'));
  worker.addEventListener('messageerror', () => breakOff('the worker said something that cannot be read'));
  return {
    call: async (work) => {
      // a worker that is busy with another call shows itself when that one ends
      if (++waiting === 1) expectWithin(patience.untilAliveMs, 'the worker does not answer');
      try {
        return await Promise.race([work(remote), broken]);
      } finally {
        waiting--;
        if (waiting === 0) clearTimeout(silence);
      }
    },
    end: () => {
      worker.terminate();
      breakOff('the worker was ended');
    },
  };
}
