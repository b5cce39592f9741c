import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { NzProgressComponent } from 'ng-zorro-antd/progress';

/** How far long work has come: a bar that says so to assistive technology (NG-ZORRO's has no role). */
@Component({
  selector: 'app-progress-bar',
  imports: [NzProgressComponent],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<nz-progress aria-hidden="true" [nzPercent]="percent()" [nzShowInfo]="false" nzSize="small" />`,
  host: {
    role: 'progressbar',
    'aria-valuemin': '0',
    'aria-valuemax': '100',
    '[attr.aria-valuenow]': 'percent()',
    '[attr.aria-label]': 'label()',
  },
  styles: `
    :host {
      display: inline-block;
      width: 7rem;
    }
  `,
})
export class ProgressBar {
  /** What is worked out. */
  readonly label = input.required<string>();
  readonly done = input.required<number>();
  readonly of = input.required<number>();
  protected readonly percent = computed(() => Math.round((100 * this.done()) / Math.max(this.of(), this.done(), 1)));
}
