import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';

/** What a table that was read would do: nothing yet, until the walker says so. */
export interface Offer {
  words: string;
  /** Rows that are left out, by line. */
  bad: readonly { line: number; words: string }[];
  /** Says what is taken; undefined where there is nothing to take. */
  take: string | undefined;
}

/** Rows named before the rest is only counted. */
const SHOWN = 8;

/** An offer to take a table in, with every reason for what is left out. */
@Component({
  selector: 'app-table-offer',
  imports: [NzButtonComponent],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div role="alert">
      <p>{{ offer().words }}</p>
      @if (offer().bad.length) {
        <ul>
          @for (b of offer().bad.slice(0, shown); track b.line) {
            <li>line {{ b.line }}: {{ b.words }}</li>
          }
          @if (offer().bad.length > shown) {
            <li>and {{ offer().bad.length - shown }} more</li>
          }
        </ul>
      }
      @if (offer().take; as words) {
        <button nz-button nzSize="small" type="button" (click)="taken.emit()">{{ words }}</button>
      }
      <button nz-button nzSize="small" type="button" (click)="left.emit()">Cancel</button>
    </div>
  `,
  styles: `
    div {
      margin: 0.375rem 0;
      padding: 0.375rem 0 0.375rem 0.75rem;
      border-left: 3px solid var(--ember);
    }
    p,
    ul {
      margin: 0;
    }
    button + button {
      margin-left: 1.25rem;
    }
  `,
})
export class TableOffer {
  readonly offer = input.required<Offer>();
  readonly taken = output();
  readonly left = output();
  protected readonly shown = SHOWN;
}
