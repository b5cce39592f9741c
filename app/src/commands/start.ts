import { Injectable, signal } from '@angular/core';
import { BEEN_HERE, HAS_STARTED } from '../platform/been-here';

/** What is shown of the start: the doors, a station of the look around, or where what is owned goes. */
export type StartShown = 'doors' | 'owned' | number;

/** How to start: three doors on a first visit, never again by themselves once one was taken or they were put away. */
@Injectable({ providedIn: 'root' })
export class Start {
  private readonly shownSignal = signal<StartShown | undefined>(BEEN_HERE.read() || HAS_STARTED.read() ? undefined : 'doors');
  readonly shown = this.shownSignal.asReadonly();

  show(what: StartShown): void {
    if (what !== 'doors') HAS_STARTED.set();
    this.shownSignal.set(what);
  }

  leave(): void {
    HAS_STARTED.set();
    this.shownSignal.set(undefined);
  }
}
