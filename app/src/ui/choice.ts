import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';

export interface Option<T extends string = string> {
  value: T;
  label: string;
}

let nextName = 0;

/** A few words to choose one of, the chosen one underlined. Radio buttons underneath. */
@Component({
  selector: 'app-choice',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div role="radiogroup" [attr.aria-label]="label()">
      @for (o of options(); track o.value) {
        <label [class.on]="o.value === value()">
          <input type="radio" [name]="name" [value]="o.value" [checked]="o.value === value()" (change)="valueChange.emit(o.value)" />
          <span>{{ o.label }}</span>
        </label>
      }
    </div>
  `,
  styles: `
    div {
      display: flex;
      flex-wrap: wrap;
      gap: 0 10px;
    }
    label {
      padding: var(--thumb-pad, 2px) 0;
      color: var(--ink-quiet);
      cursor: pointer;
    }
    span {
      border-bottom: 2px solid transparent;
    }
    .on span {
      border-color: var(--ember);
      color: var(--ink);
      font-weight: 600;
    }
    input {
      position: absolute;
      opacity: 0;
      width: 1px;
    }
    label:has(:focus-visible) {
      outline: 2px solid var(--ink);
      outline-offset: 1px;
    }
  `,
})
export class Choice<T extends string> {
  readonly label = input.required<string>();
  readonly options = input.required<readonly Option<T>[]>();
  readonly value = input.required<T | undefined>();
  readonly valueChange = output<T>();
  protected readonly name = `choice-${nextName++}`;
}
