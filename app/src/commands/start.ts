import { computed, inject, Injectable, signal } from '@angular/core';
import { HAS_STARTED } from '../platform/has-started';
import { Autosave } from '../store/autosave';

/** What is shown of the start: the doors, a station of the look around, or where what is owned goes. */
export type StartShown = 'doors' | 'owned' | number;

/** How to start: three doors where nothing was ever saved, never again by themselves once one was taken or they were dismissed. */
@Injectable({ providedIn: 'root' })
export class Start {
  private readonly autosave = inject(Autosave);
  private readonly hasStarted = signal(HAS_STARTED.read());
  private readonly chosen = signal<StartShown | undefined>(undefined);
  readonly shown = computed(() => this.chosen() ?? (this.autosave.firstVisit() && !this.hasStarted() ? 'doors' : undefined));

  show(what: StartShown): void {
    if (what !== 'doors') this.begin();
    this.chosen.set(what);
  }

  leave(): void {
    this.begin();
    this.chosen.set(undefined);
  }

  private begin(): void {
    HAS_STARTED.set();
    this.hasStarted.set(true);
  }
}
