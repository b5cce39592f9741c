import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { NzStepComponent, NzStepsComponent } from 'ng-zorro-antd/steps';

/** The steps of a guide in their order, and which of them is now (NG-ZORRO's say neither that they are a list nor which is current). */
@Component({
  selector: 'app-steps',
  imports: [NzStepComponent, NzStepsComponent],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <nz-steps role="list" nzSize="small" [attr.aria-label]="label()" [nzCurrent]="now()">
      @for (name of names(); track name) {
        <nz-step role="listitem" [nzTitle]="name" [attr.aria-current]="$index === now() ? 'step' : null" />
      }
    </nz-steps>
  `,
  styles: `
    :host {
      display: block;
      margin: 0.5rem 0;
    }
  `,
})
export class Steps {
  readonly label = input.required<string>();
  readonly names = input.required<readonly string[]>();
  /** From 0. */
  readonly now = input.required<number>();
}
