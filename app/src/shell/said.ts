import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import type { Change } from '@tinder/core/study';
import { Figure } from '../ledger/figure';
import { WorkspaceStore } from '../store/workspace-store';
import { changeWords, type Segment } from '../words/verdict-words';

/** Sentences with numbers that open their derivation, and changes that are made with one press. */
@Component({
  selector: 'app-said',
  imports: [Figure],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @for (s of segments(); track $index) {
      @if (s.ref; as ref) {
        <app-figure [class.aside]="s.aside" [ref]="ref" [text]="s.text" />
      } @else if (s.change; as change) {
        <button type="button" class="figure" [attr.aria-label]="s.text + ', do it'" (click)="adopt(change)">{{ s.text }}</button>
      } @else {
        <span [class.aside]="s.aside">{{ s.text }}</span>
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
    @media (max-width: 720px) {
      .aside {
        display: none;
      }
    }
  `,
})
export class Said {
  private readonly store = inject(WorkspaceStore);
  readonly segments = input.required<readonly Segment[]>();

  protected adopt(change: Change): void {
    this.store.editTrip(changeWords(change), () => change.trip);
  }
}
