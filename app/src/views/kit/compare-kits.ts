import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzTableModule } from 'ng-zorro-antd/table';
import type { Criterion } from '@tinder/core/domain/model';
import { Hint } from '../../ui/hint';
import { SortA11y, sortedBy } from '../../ui/nz/sort-a11y';
import { CRITERION_WORDS } from '../../words/kit-words';
import { sentenceStart } from '../../words/sentence-start';
import { Comparison } from './comparison';
import { KitStudy } from './kit-study';

/** What kits are sorted by most; the rest stands with the weights. */
const SHOWN = ['hotMeals', 'carriedG', 'fuelG', 'minutes', 'priceToBuy', 'pricePerTrip', 'packedMl'] as const satisfies Criterion[];

/** The compared kits on this trip, a row each: sorted by points until it is sorted otherwise, and to be used with a press. */
@Component({
  selector: 'app-compare-kits',
  imports: [Hint, NzButtonComponent, NzTableModule, SortA11y],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <nz-table
      #table
      class="stacks"
      nzSize="small"
      [nzData]="rows()"
      [nzShowPagination]="false"
      [nzFrontPagination]="false"
      [attr.aria-busy]="comparison.stale()"
    >
      <thead>
        <tr>
          <th [nzSortFn]="by.name">Kit</th>
          <th class="number" nzSortOrder="descend" [nzSortFn]="by.points" appHint="points">Points</th>
          @for (c of criteria; track c.criterion) {
            <th class="number" [nzSortFn]="c.by" [appHint]="c.hint">{{ c.words }}</th>
          }
          <td></td>
        </tr>
      </thead>
      <tbody>
        @for (r of table.data; track r.id) {
          <tr>
            <th scope="row">
              {{ sentenceStart(r.name) }}
              @if (r.missed) {
                <span class="bad">{{ r.missed }}</span>
              }
            </th>
            <td class="number" data-label="Points">
              <b>{{ r.total }}</b>
            </td>
            @for (c of r.cells; track c.criterion) {
              <td class="number" [attr.data-label]="c.words">
                <span
                  >{{ c.text }} <span class="quiet">{{ c.note }}</span></span
                >
              </td>
            }
            <td class="acts">
              <button nz-button nzSize="small" type="button" [disabled]="r.carried" (click)="carry(r.id)">
                {{ r.carried ? 'Used on this trip' : 'Use on this trip' }}<span class="hidden-text">: {{ r.name }}</span>
              </button>
            </td>
          </tr>
        }
      </tbody>
    </nz-table>
  `,
  styleUrl: '../../ui/table.less',
  styles: `
    :host {
      margin: 0.5rem 0;
    }
    th {
      white-space: normal;
    }
    .bad {
      display: block;
      color: var(--ember-text);
      font-size: 0.8125rem;
      font-weight: 500;
    }
    td .quiet {
      display: block;
      font-size: 0.8125rem;
    }
  `,
})
export class CompareKits {
  protected readonly comparison = inject(Comparison);
  private readonly study = inject(KitStudy);

  protected readonly sentenceStart = sentenceStart;
  protected readonly criteria = SHOWN.map((criterion) => ({
    criterion,
    hint: CRITERION_WORDS[criterion],
    words: sentenceStart(CRITERION_WORDS[criterion]),
    by: sortedBy<Row>((r) => r.values[criterion]),
  }));
  protected readonly by = {
    name: sortedBy<Row>((r) => r.name),
    points: sortedBy<Row>((r) => (r.total ? Number(r.total) : undefined)),
  };
  protected readonly rows = computed((): Row[] => {
    const kits = this.comparison.kits();
    const shown = this.comparison.rows().filter((r) => SHOWN.some((c) => c === r.criterion));
    return this.comparison.columns().map((column) => ({
      ...column,
      values: kits.find((k) => k.id === column.id)?.measures ?? {},
      cells: shown.map(({ criterion, words, cells }) => {
        const cell = cells.find((c) => c.id === column.id);
        return { criterion, words: sentenceStart(words), text: cell?.text ?? '', note: cell?.difference ?? '' };
      }),
    }));
  });

  protected carry(id: string): void {
    const kit = this.study.rack().kits.find((k) => k.id === id);
    if (kit) this.study.carry(kit);
  }
}

type Row = ReturnType<Comparison['columns']>[number] & {
  /** Measures by criterion, as they are sorted. */
  values: Partial<Record<Criterion, number>>;
  cells: { criterion: Criterion; words: string; text: string; note: string }[];
};
