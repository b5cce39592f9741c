import { Injectable, signal } from '@angular/core';

/** That the browser gives the app no workers, and why: what they would do is done on the page. */
@Injectable({ providedIn: 'root' })
export class WorkerTrouble {
  private readonly whySignal = signal<string | undefined>(undefined);
  readonly why = this.whySignal.asReadonly();

  gaveUp(why: string): void {
    this.whySignal.set(why);
  }

  dismiss(): void {
    this.whySignal.set(undefined);
  }
}
