import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { afterRender } from './after-render';
import type { Option } from './choice';

/** One of a list to pick in a row of a table. Native: a table of sixty rows has sixty of them, which NG-ZORRO's select would take half a second to draw. */
@Component({
  selector: 'app-table-pick',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <select [attr.aria-label]="label()" (change)="picked($event)">
      @for (o of options(); track o.value) {
        <option [value]="o.value" [selected]="o.value === value()">{{ o.label }}</option>
      }
    </select>
  `,
  styles: `
    :host {
      display: block;
    }
  `,
})
export class TablePick<T extends string> {
  readonly label = input.required<string>();
  readonly options = input.required<readonly Option<T>[]>();
  readonly value = input.required<T>();
  readonly valueChange = output<T>();
  private readonly afterRender = afterRender();

  protected picked(event: Event): void {
    const select = event.target as HTMLSelectElement;
    this.valueChange.emit(select.value as T);
    this.afterRender(() => (select.value = this.value()));
  }
}
