import type { Remote } from 'comlink';
import { WorkerBroken, type WorkerLink } from './worker-link';

/** How often a worker is started for one question before the page answers itself. */
const TRIES = 2;

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
  async call<A>(work: (remote: Remote<T>) => Promise<A>): Promise<A> {
    let why: unknown;
    let wasAlive = false;
    for (let tries = 0; tries < TRIES && !this.page; tries++) {
      let link: WorkerLink<T> | undefined;
      try {
        link = this.link ??= this.parts.start();
        return await link.call(work);
      } catch (e) {
        const broke = e instanceof WorkerBroken && this.link === link;
        if (link && !broke) throw e;
        this.end();
        why = e;
        wasAlive = broke && e.wasAlive;
      }
    }
    // what takes a worker its whole patience would halt the page for as long
    if (wasAlive) throw why;
    if (!this.page) {
      this.page = await this.parts.onPage();
      this.parts.gaveUp?.(why instanceof Error ? why.message : String(why));
    }
    // an object of the page answers as one of a worker does, only at once
    return await work(this.page as Remote<T>);
  }

  /** Ends the worker in the middle of its work. */
  end(): void {
    this.link?.end();
    this.link = undefined;
    this.parts.ended?.();
  }
}
