import { Injectable, signal } from '@angular/core';
import type { FigureRef } from '../../words/figure-ref';

/** Which derivation is open; only one at a time. */
@Injectable({ providedIn: 'root' })
export class LedgerService {
  private readonly openSignal = signal<FigureRef | undefined>(undefined);
  readonly open = this.openSignal.asReadonly();

  show(ref: FigureRef): void {
    this.openSignal.set(ref);
  }

  close(): void {
    this.openSignal.set(undefined);
  }
}
