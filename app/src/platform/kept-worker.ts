import type { Remote } from 'comlink';
import type { WorkerLink } from './worker-link';

/** A worker that stays between calls: started with the first one, and anew with the next after it broke or was ended. */
export class KeptWorker<T> {
  private link: WorkerLink<T> | undefined;

  /** `ended` is told that all the worker held is gone. */
  constructor(
    private readonly start: () => WorkerLink<T>,
    private readonly ended: () => void = () => undefined,
  ) {}

  /** Calls into the worker; rejects as well when it breaks, or is ended, before it has answered. */
  async call<A>(work: (remote: Remote<T>) => Promise<A>): Promise<A> {
    const link = (this.link ??= this.start());
    try {
      return await link.call(work);
    } catch (e) {
      if (e instanceof Error && e.name === 'WorkerBroken' && this.link === link) this.end();
      throw e;
    }
  }

  /** Ends the worker in the middle of its work. */
  end(): void {
    this.link?.end();
    this.link = undefined;
    this.ended();
  }
}
