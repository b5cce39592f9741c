import { NgTemplateOutlet } from '@angular/common';
import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { narrowScreen } from './wide-screen';

/** A part of a view under its heading; on a phone it is closed, and says in a line what it holds. */
@Component({
  selector: 'app-section',
  imports: [NgTemplateOutlet],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <ng-template #content><ng-content /></ng-template>
    @if (isNarrow()) {
      <details class="boxed">
        <summary>
          <h2>{{ heading() }}</h2>
          <span>{{ says() }}</span>
        </summary>
        <ng-container [ngTemplateOutlet]="content" />
      </details>
    } @else {
      <h2>{{ heading() }}</h2>
      <ng-container [ngTemplateOutlet]="content" />
    }
  `,
  styles: `
    :host {
      display: block;
      min-width: 0;
    }
    h2 {
      margin-bottom: 0.25rem;
    }
    .boxed {
      summary {
        padding: 0.5rem 2.5rem 0.5rem 0.75rem;
        border: 1px solid var(--control-line);
        border-radius: 0.25rem;
        background: var(--field);
      }
      h2 {
        margin: 0;
      }
      span {
        font-size: 0.9375rem;
        line-height: 1.3;
      }
    }
  `,
})
export class Section {
  readonly heading = input.required<string>();
  /** What it holds, in a line. */
  readonly says = input('');
  protected readonly isNarrow = narrowScreen();
}
