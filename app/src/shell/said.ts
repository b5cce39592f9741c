import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import { Figure } from '../parts/ledger/figure';
import { AdviceService } from '../planning/advice-service';
import type { Segment } from '../words/verdict-words';

/** Sentences with numbers that open their derivation, and changes that are made with one press. */
@Component({
  selector: 'app-said',
  imports: [Figure],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @for (s of segments(); track $index) {
      @if (s.ref; as ref) {
        <app-figure [ref]="ref" [text]="s.text" />
      } @else if (s.change; as change) {
        <button type="button" class="figure" [attr.aria-label]="s.text + ', do it'" (click)="advice.take(change)">{{ s.text }}</button>
      } @else {
        <span>{{ s.text }}</span>
      }
    }
  `,
  styles: `
    :host {
      display: contents;
    }
    span {
      white-space: pre-wrap;
    }
  `,
})
export class Said {
  protected readonly advice = inject(AdviceService);
  readonly segments = input.required<readonly Segment[]>();
}
