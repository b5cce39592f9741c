import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzTableModule } from 'ng-zorro-antd/table';
import { tripAfterRackEdit } from '@tinder/core/domain/kit';
import type { Upgrade } from '@tinder/core/studies/study';
import { RESTING, study } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { WorkspaceStore } from '../../store/workspace-store';
import { Hint } from '../../ui/hint';
import { SortA11y, sortedBy } from '../../ui/nz/sort-a11y';
import { StudyNote } from '../../ui/study-note';
import { lackWords, upgradeCostWords, upgradeWords } from '../../words/kit-words';
import { Units } from '../../words/units';
import { KitStudy } from './kit-study';

/** What a lighter piece costs for each gram it saves on this trip: nothing spent first, then the cheapest gram. */
@Component({
  selector: 'app-lighten-panel',
  imports: [Hint, NzButtonComponent, NzTableModule, SortA11y, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (lacks(); as words) {
      <p class="error">This kit cannot be planned with: {{ words }}.</p>
    }
    <div class="one-look answer-first">
      <div>
        <h2 id="lighten-title">Lighten {{ study.kit()?.name }}</h2>
        <app-study-note [study]="ladder" />
        @if (rows(); as list) {
          @if (list.length) {
            <nz-table
              #table
              class="stacks"
              nzSize="small"
              aria-labelledby="lighten-title"
              [nzData]="list"
              [nzShowPagination]="false"
              [nzFrontPagination]="false"
            >
              <thead>
                <tr>
                  <th scope="col">Change</th>
                  <td></td>
                  <th class="number" [nzSortFn]="by.saved" appHint="saves, on average">Saves, on average</th>
                  <th class="number" [nzSortFn]="by.price" appHint="costs, a change">Costs</th>
                  <th class="number" [nzSortFn]="by.perGram" appHint="a gram">A gram</th>
                  <td></td>
                </tr>
              </thead>
              <tbody>
                @for (r of table.data; track r.change) {
                  <tr>
                    <th scope="row">{{ r.change }}</th>
                    <td class="share"><span aria-hidden="true" [style.width.%]="r.share"></span></td>
                    <td class="number" data-label="Saves, on average">{{ r.saved }}</td>
                    <td class="number" data-label="Costs">{{ r.cost }}</td>
                    <td class="number" data-label="A gram">{{ r.perGram }}</td>
                    <td>
                      <button nz-button nzSize="small" type="button" [attr.aria-label]="'Apply: ' + r.change" (click)="adopt(r)">
                        Apply
                      </button>
                    </td>
                  </tr>
                }
              </tbody>
            </nz-table>
          } @else {
            <p>Nothing that could be chosen here is lighter without a gap or a meal lost.</p>
          }
        } @else if (!ladder.problem() && !lacks()) {
          <p class="quiet">Planning the trip with each…</p>
        }
      </div>
      <div class="answer">
        @for (a of answers(); track a.title) {
          <h2>{{ a.title }}</h2>
          <p class="sum">
            <span class="big">{{ a.row.saved }}</span>
            <span class="quiet">lighter on average, {{ a.row.costs }}</span>
          </p>
          <p>{{ a.row.change }}</p>
          <button nz-button [nzType]="$first ? 'primary' : 'default'" type="button" (click)="adopt(a.row)">
            Apply<span class="hidden-text"> the {{ a.title }} saving</span>
          </button>
        }
        @if (rows()?.length) {
          <p class="quiet">
            Grams are carried weight, on average over this trip. Each change is planned by itself, so two changes of stove, pot or
            windscreen do not add up. What you own, borrow or leave at home costs nothing.
          </p>
        }
      </div>
    </div>
  `,
  styleUrls: ['../../ui/table.less', '../../parts/answer/one-look.less', '../../parts/answer/answer-sums.less'],
  styles: `
    :host {
      margin-top: 0;
    }
    th[scope='row'] {
      white-space: normal;
    }
    .answer button {
      margin-bottom: 0.75rem;
    }
  `,
})
export class LightenPanel {
  protected readonly study = inject(KitStudy);
  private readonly store = inject(WorkspaceStore);
  private readonly units = inject(Units);
  private readonly worker = inject(StudyWorker);
  protected readonly ladder = study(
    RESTING,
    () => {
      const kitId = this.study.kit()?.id;
      return kitId === undefined ? undefined : { rack: this.study.rack(), trip: this.store.trip(), kitId };
    },
    ({ rack, trip, kitId }, run) => this.worker.ask('ladder', { rack, trip }, { kitId }, run),
  );

  private readonly found = computed(() => (this.ladder.fresh() ? this.ladder.last()?.answer : undefined));
  protected readonly lacks = computed(() => lackWords(this.found()));
  protected readonly by = {
    saved: sortedBy<Row>((r) => r.upgrade.savedG),
    price: sortedBy<Row>((r) => r.upgrade.price),
    perGram: sortedBy<Row>((r) => r.pricePerGram),
  };
  protected readonly rows = computed((): Row[] | undefined => {
    const found = this.found();
    if (!found?.ok) return undefined;
    const most = Math.max(1, ...found.value.map((u) => u.savedG));
    return found.value.map((upgrade) => {
      const { savedG, price } = upgrade;
      const pricePerGram = price === undefined ? undefined : price / savedG;
      return {
        upgrade,
        change: upgradeWords(upgrade),
        saved: this.units.text(savedG, 'mass'),
        share: (100 * savedG) / most,
        ...upgradeCostWords(upgrade, this.units),
        pricePerGram,
        perGram: pricePerGram ? this.units.text(pricePerGram, 'price') : '',
      };
    });
  });
  /** The easiest change, and the one that saves most where it is another. */
  protected readonly answers = computed(() => {
    const [easiest, ...others] = this.rows() ?? [];
    if (!easiest) return [];
    const most = others.reduce((best, r) => (r.upgrade.savedG > best.upgrade.savedG ? r : best), easiest);
    return [{ title: 'Easiest', row: easiest }, ...(most === easiest ? [] : [{ title: 'Largest', row: most }])];
  });

  protected adopt({ upgrade, change }: Row): void {
    this.store.editRackAndTrip(change, (rack, trip) => ({ rack: upgrade.rack, trip: tripAfterRackEdit(trip, rack, upgrade.rack) }));
  }
}

interface Row {
  upgrade: Upgrade;
  /** What is changed, as a sentence. */
  change: string;
  /** Carried weight saved, on average, and its share of the largest saving here, %. */
  saved: string;
  share: number;
  /** What it costs: as a cell, and at the end of a sentence. */
  cost: string;
  costs: string;
  /** Money for each gram saved; undefined where the price is not known. */
  pricePerGram: number | undefined;
  perGram: string;
}
