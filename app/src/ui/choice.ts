import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { afterRender } from './after-render';

export interface Option<T extends string = string> {
  value: T;
  label: string;
}

let nextName = 0;

/** A few words to choose one of, the chosen one underlined: native radio buttons whose circle is left out. */
@Component({
  selector: 'app-choice',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div #group role="radiogroup" [attr.aria-label]="label()">
      @for (o of options(); track o.value) {
        <label>
          <input
            type="radio"
            [name]="name"
            [value]="o.value"
            [checked]="o.value === value()"
            (change)="valueChange.emit(o.value); showTaken(group)"
          />
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
      position: relative;
      padding: var(--thumb-pad, 2px) 0;
      color: var(--ink-quiet);
      cursor: pointer;
    }
    input {
      position: absolute;
      opacity: 0;
      width: 1px;
    }
    span {
      border-bottom: 2px solid transparent;
    }
    label:has(:checked) {
      color: var(--ink);
      font-weight: 600;
      span {
        border-color: var(--ember);
      }
    }
    label:has(:focus-visible) {
      outline: 2px solid var(--ink);
      outline-offset: 1px;
    }
    @media (forced-colors: active) {
      label:not(:has(:checked)) span {
        border-color: Canvas;
      }
    }
  `,
})
export class Choice<T extends string> {
  readonly label = input.required<string>();
  readonly options = input.required<readonly Option<T>[]>();
  readonly value = input.required<T | undefined>();
  readonly valueChange = output<T>();
  private readonly afterRender = afterRender();
  protected readonly name = `choice-${nextName++}`;

  protected showTaken(group: HTMLElement): void {
    this.afterRender(() => group.querySelectorAll('input').forEach((i) => (i.checked = i.value === this.value())));
  }
}
