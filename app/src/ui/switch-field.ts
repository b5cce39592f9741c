import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { NzSwitchComponent } from 'ng-zorro-antd/switch';
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
    <nz-switch [nzId]="id" [appStored]="value" (offered)="valueChange.emit($event)" />
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
export class SwitchField {
  readonly label = input.required<string>();
  readonly value = input.required<boolean>();
  readonly valueChange = output<boolean>();
  protected readonly id = newId('switch');
}
