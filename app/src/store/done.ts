import { computed, inject, Injectable, signal } from '@angular/core';
import type { Step } from './history';
import { WorkspaceStore } from './workspace-store';

/** What was done last at one press, away from the field that would show it: the frame tells of it, with a way back, until the next edit. */
@Injectable({ providedIn: 'root' })
export class Done {
  private readonly store = inject(WorkspaceStore);
  private readonly toldSignal = signal<{ words: string; step: Step<unknown> } | undefined>(undefined);

  /** What is told of, as long as undo would take back that and nothing else. */
  readonly told = computed(() => {
    const told = this.toldSignal();
    return told && told.step === this.store.lastStep() ? told : undefined;
  });

  /** Tells in a sentence of the edit that was just made; call it where the edit was taken. */
  tell(words: string): void {
    const step = this.store.lastStep();
    this.toldSignal.set(step && { words, step });
  }
}
