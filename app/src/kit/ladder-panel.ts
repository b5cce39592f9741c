import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { tripAfterRackEdit } from '@tinder/core/kit';
import type { Upgrade } from '@tinder/core/study';
import { RESTING, study } from '../planning/study';
import { StudyWorker } from '../planning/study-worker';
import { WorkspaceStore } from '../store/workspace-store';
import { StudyNote } from '../ui/study-note';
import { NOT_PLANNABLE_WORDS } from '../words/kit-words';
import { sentenceStart } from '../words/sentence-start';
import { Units } from '../words/units';
import { KitStudy } from './kit-study';
import { Hint } from '../ui/hint';

/** What a lighter piece costs for each gram it saves on this trip: nothing spent first, then the cheapest gram. */
@Component({
  selector: 'app-ladder-panel',
  imports: [Hint, NzButtonComponent, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 id="ladder-title">Lighten, gram by gram: {{ study.kit()?.name }}</h2>
    <app-study-note [study]="ladder" />
    @if (lacks(); as words) {
      <p class="error">This kit cannot be planned with: {{ words }}.</p>
    } @else if (rows(); as list) {
      <div class="scroll" tabindex="0" role="group" aria-labelledby="ladder-title">
        <table class="stacks" aria-labelledby="ladder-title">
          <thead>
            <tr>
              <th scope="col">Change</th>
              <td></td>
              <th scope="col" class="number" appHint="saves, on average">Saves, on average</th>
              <th scope="col" class="number" appHint="costs, a change">Costs</th>
              <th scope="col" class="number" appHint="a gram">A gram</th>
              <td></td>
            </tr>
          </thead>
          <tbody>
            @for (r of list; track $index) {
              <tr>
                <th scope="row">{{ sentenceStart(r.change) }}</th>
                <td class="saving"><span aria-hidden="true" [style.width.%]="r.share"></span></td>
                <td class="number" data-label="Saves, on average">{{ r.saved }}</td>
                <td class="number" data-label="Costs">{{ r.price }}</td>
                <td class="number" data-label="A gram">{{ r.perGram }}</td>
                <td>
                  <button
                    nz-button
                    nzSize="small"
                    type="button"
                    [attr.aria-label]="'Apply: ' + r.change"
                    (click)="adopt(r.upgrade, r.change)"
                  >
                    Apply
                  </button>
                </td>
              </tr>
            } @empty {
              <tr>
                <td colspan="6" class="quiet">Nothing that could be chosen here is lighter without a gap or a meal lost.</td>
              </tr>
            }
          </tbody>
        </table>
      </div>
      <p class="quiet">
        Grams are carried weight, mean over the days of this trip, each change planned by itself: two changes of stove, pot or windscreen do
        not add up. What is owned, lent or left at home costs nothing.
      </p>
    } @else if (!ladder.problem()) {
      <p class="quiet">Planning the trip with each…</p>
    }
  `,
  styleUrl: '../ui/table.less',
  styles: `
    :host {
      margin-top: 0;
    }
    th[scope='row'] {
      white-space: normal;
    }
    .saving {
      width: 8.75rem;
    }
    .saving span {
      display: block;
      height: 0.375rem;
      background: var(--ink-quiet);
    }
    @media (max-width: 720px) {
      .saving {
        justify-content: flex-start;
      }
    }
  `,
})
export class LadderPanel {
  protected readonly study = inject(KitStudy);
  protected readonly sentenceStart = sentenceStart;
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
  protected readonly lacks = computed(() => {
    const found = this.found();
    return found && !found.ok ? NOT_PLANNABLE_WORDS[found.problem.code] : undefined;
  });
  protected readonly rows = computed(() => {
    const found = this.found();
    if (!found?.ok) return undefined;
    const most = Math.max(1, ...found.value.map((u) => u.savedG));
    return found.value.map((upgrade) => {
      const { from, to, savedG, price } = upgrade;
      return {
        upgrade,
        change: to ? `${to.name} instead of ${from.name}` : `left at home: ${from.name}`,
        saved: this.units.text(savedG, 'mass'),
        share: (100 * savedG) / most,
        price: price === undefined ? 'not known' : price === 0 ? 'nothing' : this.units.text(price, 'price'),
        perGram: price === undefined || price === 0 ? '' : this.units.text(price / savedG, 'price'),
      };
    });
  });

  protected adopt({ rack: after }: Upgrade, label: string): void {
    this.store.editRackAndTrip(label, (rack, trip) => ({ rack: after, trip: tripAfterRackEdit(trip, rack, after) }));
  }
}
