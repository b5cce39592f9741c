import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { Icon } from '../../ui/icon';

/** Which leg an answer is about, and the ways to the one before and the next. */
@Component({
  selector: 'app-leg-heading',
  imports: [Icon, NzButtonComponent],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div>
      <h2>{{ name() }}</h2>
      <p class="quiet">{{ place() }}</p>
    </div>
    <button
      nz-button
      class="square"
      type="button"
      aria-label="Previous leg"
      title="Previous leg"
      [disabled]="isFirst()"
      (click)="turned.emit(-1)"
    >
      <app-icon name="left" />
    </button>
    <button nz-button class="square" type="button" aria-label="Next leg" title="Next leg" [disabled]="isLast()" (click)="turned.emit(1)">
      <app-icon name="right" />
    </button>
  `,
  styles: `
    :host {
      display: grid;
      grid-template-columns: minmax(0, 1fr) auto auto;
      gap: 0.5rem;
      align-items: center;
    }
    h2 {
      line-height: 1.3;
    }
    p {
      margin: 0;
      font-size: 0.875rem;
      line-height: 1.35;
    }
  `,
})
export class LegHeading {
  readonly name = input.required<string>();
  readonly place = input.required<string>();
  readonly isFirst = input.required<boolean>();
  readonly isLast = input.required<boolean>();
  /** To the one before, or the next. */
  readonly turned = output<1 | -1>();
}
