import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { NzSwitchComponent } from 'ng-zorro-antd/switch';
import { FormValue } from './form-value';
import { Hint } from './hint';
import { newId } from './nz/attrs';
import { StoredValue } from './nz/stored-value';
import { SwitchA11y } from './nz/switch-a11y';

/** What is on or off, at once: a switch and its name. */
@Component({
  selector: 'app-switch-field',
  imports: [Hint, NzSwitchComponent, StoredValue, SwitchA11y],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <nz-switch [nzId]="id" [appStored]="held" (offered)="$event !== undefined && offer($event)" />
    <label [appHint]="label()" [attr.for]="id">{{ label() }}</label>
  `,
  styles: `
    :host {
      display: inline-flex;
      gap: 0.5rem;
      align-items: center;
      min-height: var(--touch, 2rem);
    }
  `,
})
export class SwitchField extends FormValue<boolean> {
  readonly label = input.required<string>();
  protected readonly id = newId('switch');
}
