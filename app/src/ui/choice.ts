import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { NzRadioModule } from 'ng-zorro-antd/radio';

export interface Option<T extends string = string> {
  value: T;
  label: string;
}

let nextName = 0;

/** A few words to choose one of, the chosen one underlined: radio buttons whose circle is left out. */
@Component({
  selector: 'app-choice',
  imports: [FormsModule, NzRadioModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <nz-radio-group
      role="radiogroup"
      [attr.aria-label]="label()"
      [nzName]="name"
      [ngModel]="value()"
      (ngModelChange)="valueChange.emit($event)"
    >
      @for (o of options(); track o.value) {
        <!-- eslint-disable-next-line @angular-eslint/template/label-has-associated-control -- the radio button is inside it -->
        <label nz-radio [nzValue]="o.value">{{ o.label }}</label>
      }
    </nz-radio-group>
  `,
})
export class Choice<T extends string> {
  readonly label = input.required<string>();
  readonly options = input.required<readonly Option<T>[]>();
  readonly value = input.required<T | undefined>();
  readonly valueChange = output<T>();
  protected readonly name = `choice-${nextName++}`;
}
