import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import type { Option } from './choice';
import { Hint } from './hint';
import { afterRender } from './after-render';

/** A name and one of a list to pick, laid into the two first columns of the line around it. */
@Component({
  selector: 'app-pick-field',
  imports: [Hint],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <label class="name" [class.hidden-text]="quietly()" [appHint]="label()" [attr.for]="id()">{{ label() }}</label>
    <select [id]="id()" [appHint]="label()" (change)="picked($event)">
      @for (o of options(); track o.value) {
        <option [value]="o.value" [selected]="o.value === value()">{{ o.label }}</option>
      }
      @if (unlisted(); as words) {
        <option selected disabled>{{ words }}</option>
      }
    </select>
  `,
  styles: `
    :host {
      display: contents;
    }
    .name {
      color: var(--ink-quiet);
    }
  `,
})
export class PickField<T extends string> {
  private static count = 0;
  private readonly serial = PickField.count++;

  readonly label = input.required<string>();
  readonly options = input.required<readonly Option<T>[]>();
  readonly value = input.required<T | undefined>();
  /** Shown as chosen where the value is none of the options. */
  readonly unlisted = input<string>();
  /** Named for those who cannot see the table it stands in. */
  readonly quietly = input(false);
  readonly valueChange = output<T>();

  private readonly afterRender = afterRender();
  protected readonly id = computed(() => `pick-${this.label().replaceAll(' ', '-')}-${this.serial}`);

  protected picked(event: Event): void {
    const select = event.target as HTMLSelectElement;
    this.valueChange.emit(select.value as T);
    this.afterRender(() => (select.value = this.value() ?? select.value));
  }
}

/** Options from a record of words, in its order. */
export const optionsOf = <T extends string>(words: Readonly<Record<T, string>>): Option<T>[] =>
  (Object.keys(words) as T[]).map((value) => ({ value, label: words[value] }));
