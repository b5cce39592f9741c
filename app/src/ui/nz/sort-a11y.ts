import { afterNextRender, Directive, ElementRef, inject } from '@angular/core';
import { NzThAddOnComponent, type NzTableSortFn } from 'ng-zorro-antd/table';
import { setAttrs } from './attrs';

/**
 * The heading of a column by which a table can be sorted: a button to the keyboard, and the heading says the order, up first, then down.
 * (NG-ZORRO’s is sorted by the pointer only.)
 */
@Directive({
  selector: 'th[nzSortFn]',
  host: {
    scope: 'col',
    'data-sorts': '',
    '[attr.aria-sort]': 'order()',
    '(keydown.enter)': 'turn($event)',
    '(keydown.space)': 'turn($event)',
  },
})
export class SortA11y {
  private readonly heading = inject<NzThAddOnComponent<unknown>>(NzThAddOnComponent, { self: true });
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;

  constructor() {
    this.heading.sortDirections = ['ascend', 'descend'];
    afterNextRender(() => {
      setAttrs(this.host.querySelector('.ant-table-column-sorters'), { role: 'button', tabindex: 0 });
      this.host.querySelectorAll('.anticon').forEach((icon) => setAttrs(icon, { 'aria-hidden': true }));
    });
  }

  protected order(): string | null {
    return this.heading.sortOrder ? `${this.heading.sortOrder}ing` : null;
  }

  protected turn(event: Event): void {
    event.preventDefault();
    this.host.click();
  }
}

/**
 * The order of rows by what `value` gives of them. Rows without a value come last either way: what failed is neither the least nor the most.
 */
export function sortedBy<T>(value: (row: T) => number | string | undefined): NzTableSortFn<T> {
  return (a, b, order) => {
    const [x, y] = [value(a), value(b)];
    // NG-ZORRO turns the sign round where it goes down
    if (x === undefined || y === undefined) return x === y ? 0 : (x === undefined ? 1 : -1) * (order === 'descend' ? -1 : 1);
    return typeof x === 'string' || typeof y === 'string' ? String(x).localeCompare(String(y)) : x - y;
  };
}
