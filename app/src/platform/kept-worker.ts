import type { Remote } from 'comlink';
import { catchError, defer, firstValueFrom, retry, throwError, timer } from 'rxjs';
import { WorkerBroken, type WorkerLink } from './worker-link';

/** How often a worker is started again for one question before the page answers itself, and the pause before that, ms. */
const MORE_TRIES = 1;
const BEFORE_ANOTHER_MS = 100;

/** What a worker that stays is made of. */
export interface KeptWorkerParts<T> {
  start: () => WorkerLink<T>;
  /** The same on the page's own thread, for where no worker can be had: slower, and the page halts for moments. */
  onPage: () => Promise<T>;
  /** Told that all the worker held is gone. */
  ended?: () => void;
  /** Told once that there is no worker to be had, and why. */
  gaveUp?: (why: string) => void;
}

/** A worker that stays between calls: started with the first one, and anew when it breaks; what it was asked is asked again. */
export class KeptWorker<T> {
  private link: WorkerLink<T> | undefined;
  private page: T | undefined;

  constructor(private readonly parts: KeptWorkerParts<T>) {}

  /** Calls into the worker; rejects when it is ended before it has answered. `work` may be done more than once. */
  call<A>(work: (remote: Remote<T>) => Promise<A>): Promise<A> {
    return firstValueFrom(
      defer(() => (this.page ? this.callPage(work) : this.callWorker(work))).pipe(
        retry({ count: MORE_TRIES, delay: (e: unknown) => (e instanceof Lost ? timer(BEFORE_ANOTHER_MS) : throwError(() => e)) }),
        catchError((e: unknown) => {
          if (!(e instanceof Lost)) throw e;
          // what takes a worker its whole patience would halt the page for as long
          if (e.wasAlive) throw e.why;
          return defer(() => this.callPage(work, e.why));
        }),
      ),
    );
  }

  /** Rejects with `Lost` where there is no worker any more that could answer. */
  private async callWorker<A>(work: (remote: Remote<T>) => Promise<A>): Promise<A> {
    const link = this.linkOrLost();
    try {
      return await link.call(work);
    } catch (e) {
      // what the work itself threw, or a worker that was ended on purpose
      if (!(e instanceof WorkerBroken) || this.link !== link) throw e;
      this.end();
      throw new Lost(e, e.wasAlive);
    }
  }

  private linkOrLost(): WorkerLink<T> {
    try {
      return (this.link ??= this.parts.start());
    } catch (e) {
      throw new Lost(asError(e), false);
    }
  }

  /** An object of the page answers as one of a worker does, only at once. */
  private async callPage<A>(work: (remote: Remote<T>) => Promise<A>, why?: Error): Promise<A> {
    if (!this.page) {
      this.page = await this.parts.onPage();
      if (why) this.parts.gaveUp?.(why.message);
    }
    return await work(this.page as Remote<T>);
  }

  /** Ends the worker in the middle of its work. */
  end(): void {
    this.link?.end();
    this.link = undefined;
    this.parts.ended?.();
  }
}

/** A worker that did not start, or broke: another may be tried. */
class Lost extends Error {
  constructor(
    readonly why: Error,
    readonly wasAlive: boolean,
  ) {
    super(why.message);
  }
}

const asError = (e: unknown): Error => (e instanceof Error ? e : new Error(String(e)));
