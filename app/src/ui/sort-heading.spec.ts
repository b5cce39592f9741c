import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { SortHeading, sortedRows, type SortedBy } from './sort-heading';

@Component({
  selector: 'app-table',
  imports: [SortHeading],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<table>
    <thead>
      <tr>
        <th appSorts="fuelG" [(by)]="by">Fuel</th>
        <th appSorts="on" [(by)]="by">Day</th>
      </tr>
    </thead>
  </table>`,
})
class Table {
  readonly by = signal<SortedBy<'fuelG' | 'on'>>({ column: 'on', descending: true });
}

describe('a table that is sorted by its headings', () => {
  it('goes up at the first press, down at the second, and says so', () => {
    const fixture = TestBed.createComponent(Table);
    fixture.detectChanges();
    const headings = [...(fixture.nativeElement as HTMLElement).querySelectorAll('th')];
    const order = () => headings.map((h) => h.getAttribute('aria-sort'));
    expect(order()).toEqual([null, 'descending']);
    for (const now of ['ascending', 'descending', 'ascending']) {
      headings[0].querySelector('button')?.click();
      fixture.detectChanges();
      expect(order()).toEqual([now, null]);
    }
  });

  it('puts what has no figure last, whichever way it is sorted', () => {
    const rows = [{ fuelG: 12 }, { fuelG: undefined }, { fuelG: 8 }];
    const inOrder = (descending: boolean) => sortedRows(rows, { column: 'fuelG', descending }, (r, c) => r[c]).map((r) => r.fuelG);
    expect(inOrder(false)).toEqual([8, 12, undefined]);
    expect(inOrder(true)).toEqual([12, 8, undefined]);
  });
});
