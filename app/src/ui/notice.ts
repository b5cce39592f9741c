import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { NzAlertComponent } from 'ng-zorro-antd/alert';

/** Something the walker must see, with what can be done about it; read aloud when it comes (NG-ZORRO's alert has no role). */
@Component({
  selector: 'app-notice',
  imports: [NzAlertComponent],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <nz-alert [attr.role]="kind() === 'warning' ? 'alert' : 'status'" [nzType]="kind()" [nzMessage]="said" />
    <ng-template #said><ng-content /></ng-template>
  `,
  styles: `
    :host {
      display: block;
    }
  `,
})
export class Notice {
  /** A warning interrupts what is being read aloud; news wait. */
  readonly kind = input<'warning' | 'success'>('warning');
}
