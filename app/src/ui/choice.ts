import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { NzRadioComponent, NzRadioGroupComponent } from 'ng-zorro-antd/radio';
import { FormValue } from './form-value';
import { RadioGroupA11y } from './nz/radio-group-a11y';
import { StoredValue } from './nz/stored-value';

export interface Option<T extends string = string> {
  value: T;
  label: string;
  /** A second line, under the label. */
  note?: string;
}

/** A few words to choose one of: all of them are seen, the chosen one is filled. */
@Component({
  selector: 'app-choice',
  imports: [NzRadioComponent, NzRadioGroupComponent, RadioGroupA11y, StoredValue],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <nz-radio-group
      nzButtonStyle="solid"
      nzSize="small"
      [attr.aria-label]="label()"
      [appStored]="held"
      (offered)="$event !== undefined && offer($event)"
    >
      @for (o of options(); track o.value) {
        <!-- NG-ZORRO puts the radio button into the label -->
        <!-- eslint-disable-next-line @angular-eslint/template/label-has-associated-control -->
        <label nz-radio-button [nzValue]="o.value"
          >{{ o.label }}
          @if (o.note) {
            <small>{{ o.note }}</small>
          }
        </label>
      }
    </nz-radio-group>
  `,
})
export class Choice<T extends string> extends FormValue<T | undefined, T> {
  readonly label = input.required<string>();
  readonly options = input.required<readonly Option<T>[]>();
}
