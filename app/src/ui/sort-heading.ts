import { ChangeDetectionStrategy, Component, computed, input, model } from '@angular/core';
import { Icon } from './icon';

/** The column that a table is sorted by, and which way. */
export interface SortedBy<K extends string> {
  column: K;
  descending: boolean;
}

/** The heading of a column by which its table can be sorted: a button, pressed again for the other way; the heading says the order. */
@Component({
  // eslint-disable-next-line @angular-eslint/component-selector -- a table knows its own cells only
  selector: 'th[appSorts]',
  imports: [Icon],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <button type="button" (click)="turn()">
      <ng-content />
      @if (order(); as way) {
        <app-icon name="down" [class.up]="way === 'ascending'" />
      }
    </button>
  `,
  host: { scope: 'col', '[attr.aria-sort]': 'order()' },
  styles: `
    button {
      min-height: var(--touch);
      padding: 0;
      border: 0;
      background: none;
      color: inherit;
      font: inherit;
      text-decoration: underline;
      text-underline-offset: 3px;
      cursor: pointer;
    }
    app-icon {
      font-size: 0.875rem;
      vertical-align: -2px;
    }
    .up {
      transform: rotate(180deg);
    }
  `,
})
export class SortHeading<K extends string> {
  readonly appSorts = input.required<K>();
  readonly by = model.required<SortedBy<K>>();
  protected readonly order = computed(() => {
    const { column, descending } = this.by();
    return column === this.appSorts() ? (descending ? 'descending' : 'ascending') : undefined;
  });

  protected turn(): void {
    const { column, descending } = this.by();
    this.by.set({ column: this.appSorts(), descending: column === this.appSorts() && !descending });
  }
}

/**
 * Rows in the order of a column, `value` giving what a row has in it; rows without a value come last either way: what failed is neither the least nor
 * the most. Rows of the same value keep their order.
 */
export function sortedRows<T, K extends string>(
  rows: readonly T[],
  { column, descending }: SortedBy<K>,
  value: (row: T, column: K) => number | string | undefined,
): T[] {
  const sign = descending ? -1 : 1;
  return [...rows].sort((a, b) => {
    const [x, y] = [value(a, column), value(b, column)];
    if (x === undefined || y === undefined) return x === y ? 0 : x === undefined ? 1 : -1;
    return typeof x === 'string' || typeof y === 'string' ? sign * String(x).localeCompare(String(y)) : sign * (x - y);
  });
}
