import { Injectable, signal } from '@angular/core';
import { HAS_STARTED } from '../platform/has-started';

/** What goes with the walker after the start: a station of the look around, or where their own gear goes. */
export type StartShown = 'owned' | number;

/** How somebody began: once they have, the page of the start does not come by itself again. */
@Injectable({ providedIn: 'root' })
export class Start {
  private readonly chosen = signal<StartShown | undefined>(undefined);
  readonly shown = this.chosen.asReadonly();

  show(what: StartShown): void {
    this.begin();
    this.chosen.set(what);
  }

  leave(): void {
    this.begin();
    this.chosen.set(undefined);
  }

  begin(): void {
    HAS_STARTED.set();
  }
}
