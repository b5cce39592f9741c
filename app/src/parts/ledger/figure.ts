import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import type { FigureRef } from '../../words/figure-ref';
import { LedgerService } from './ledger-service';

/** A number that opens its derivation. */
@Component({
  selector: 'app-figure',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<button type="button" class="figure" [attr.aria-label]="text() + ', show where it comes from'" (click)="ledger.show(ref())">
    {{ text() }}
  </button>`,
})
export class Figure {
  protected readonly ledger = inject(LedgerService);
  readonly ref = input.required<FigureRef>();
  readonly text = input.required<string>();
}
