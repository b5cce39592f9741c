import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { wholeNumber } from '@tinder/core/foundation/units';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzTableModule } from 'ng-zorro-antd/table';
import { PlanService } from '../../planning/plan-service';
import { RESTING, study } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { WorkspaceStore } from '../../store/workspace-store';
import { Hint } from '../../ui/hint';
import { SortA11y, sortedBy } from '../../ui/nz/sort-a11y';
import { StudyNote } from '../../ui/study-note';
import { lackWords, lossMendWords, lostName, orWords, worstLoss } from '../../words/kit-words';
import { sentenceStart } from '../../words/sentence-start';
import { Units } from '../../words/units';
import { IgnitionTable } from './ignition-table';
import { KitStudy } from './kit-study';

/** Each piece, container and ignition taken away in turn on the first evening: what that costs, and the lightest mend. */
@Component({
  selector: 'app-losses-panel',
  imports: [Hint, IgnitionTable, NzButtonComponent, NzTableModule, SortA11y, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (lacks(); as words) {
      <p class="error">This kit cannot be planned with: {{ words }}.</p>
    }
    <div class="one-look answer-first">
      <div>
        <h2 id="losses-title">Lost on the first evening out of {{ from() }}: {{ study.kit()?.name }}</h2>
        <app-study-note [study]="losses" />
        @if (costly(); as list) {
          @if (list.length) {
            <nz-table
              #table
              class="stacks"
              nzSize="small"
              aria-labelledby="losses-title"
              [nzData]="list"
              [nzShowPagination]="false"
              [nzFrontPagination]="false"
            >
              <thead>
                <tr>
                  <th scope="col">Without the</th>
                  <td></td>
                  <th class="number" [nzSortFn]="by.meals" appHint="hot meals lost">Hot meals lost</th>
                  <th class="number" [nzSortFn]="by.food" appHint="food left to eat">Food left to eat</th>
                  <th class="number" [nzSortFn]="by.water" appHint="water nothing makes safe or melts">Untreated water</th>
                  <th scope="col" appHint="the lightest mend">Lightest mend</th>
                </tr>
              </thead>
              <tbody>
                @for (r of table.data; track r.name) {
                  <tr>
                    <th scope="row">{{ r.name }}</th>
                    <td class="share"><span aria-hidden="true" [style.width.%]="r.share"></span></td>
                    <td data-label="Hot meals lost" class="number">{{ r.meals }}</td>
                    <td data-label="Food left to eat" class="number">{{ r.food }}</td>
                    <td data-label="Untreated water" class="number">{{ r.water }}</td>
                    <td data-label="Lightest mend">{{ r.mend }}</td>
                  </tr>
                }
              </tbody>
            </nz-table>
          } @else {
            <p>There is nothing in this kit whose loss would cost a meal.</p>
          }
          @if (harmless(); as names) {
            <p class="harmless">Without the {{ names }} every hot meal is still cooked, and all food eaten.</p>
          }
        } @else if (!losses.problem() && !lacks()) {
          <p class="quiet">Planning the leg without each…</p>
        }
        <details>
          <summary>What lights what</summary>
          <app-ignition-table />
        </details>
      </div>
      <div class="answer">
        @if (found()) {
          <h2>Worst to lose</h2>
          <p class="sum">
            <span class="big">{{ worst()?.hotMealsLost ?? 0 }}</span>
            @if (worst(); as w) {
              <span class="quiet">hot {{ w.hotMealsLost === 1 ? 'meal' : 'meals' }} lost without the {{ w.names }}</span>
            } @else {
              <span class="quiet">hot meals lost, whichever one thing is gone</span>
            }
          </p>
          @if (worst()?.mend; as mend) {
            <p>Lightest mend for one of them: {{ mendWords(mend) }}.</p>
            @if (mend.piece; as piece) {
              <button nz-button nzType="primary" type="button" (click)="study.addPiece(piece)">Add {{ piece.name }}</button>
            }
          }
          <p class="quiet">
            Food that only drinks hot water counts as eaten cold after a longer soak. Raw rice, pasta and dough do not. Untreated water is
            what only the flame would have melted or boiled.
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
    td {
      white-space: normal;
    }
    .share {
      width: 6rem;
    }
    .share span {
      background: var(--ember);
    }
    .answer button {
      margin-bottom: 0.75rem;
      white-space: normal;
    }
  `,
})
export class LossesPanel {
  protected readonly study = inject(KitStudy);
  private readonly store = inject(WorkspaceStore);
  private readonly plans = inject(PlanService);
  private readonly units = inject(Units);
  private readonly worker = inject(StudyWorker);
  protected readonly losses = study(
    RESTING,
    () => {
      const kitId = this.study.kit()?.id;
      return kitId === undefined ? undefined : { rack: this.study.rack(), trip: this.store.trip(), kitId, stopId: this.stop().id };
    },
    ({ rack, trip, kitId, stopId }, run) => this.worker.ask('losses', { rack, trip }, { kitId, stopId }, run),
  );
  /** Nothing where no kit is open. */
  private readonly answer = computed(() => (this.study.kit() ? this.losses.last()?.answer : undefined));
  protected readonly found = computed(() => {
    const answer = this.answer();
    return answer?.ok ? answer.value : undefined;
  });
  protected readonly lacks = computed(() => lackWords(this.answer()));

  private readonly stop = computed(() => {
    const { stops } = this.store.trip();
    return stops.find((s) => s.id === this.plans.carry()?.fromStopId) ?? stops[0];
  });
  protected readonly from = computed(() => this.stop().name);
  protected readonly by = {
    meals: sortedBy<Row>((r) => r.hotMealsLost),
    food: sortedBy<Row>((r) => r.kcalLeft),
    water: sortedBy<Row>((r) => r.untreatedMl),
  };
  private readonly rows = computed(() => {
    const found = this.found();
    const most = Math.max(1, ...(found ?? []).map((l) => l.hotMealsLost));
    return found?.map((loss) => ({
      ...loss,
      lost: lostName(loss, this.units),
      name: sentenceStart(lostName(loss, this.units)),
      share: (100 * loss.hotMealsLost) / most,
      costs: loss.hotMealsLost > 0 || loss.untreatedMl > 0 || loss.kcalLeft < loss.kcalCarried - 0.5,
      meals: loss.hotMealsLost ? `${loss.hotMealsLost}` : 'none',
      food: `${wholeNumber(loss.kcalLeft)} of ${wholeNumber(loss.kcalCarried)} kcal`,
      water: loss.untreatedMl ? this.units.text(loss.untreatedMl, 'volume') : 'none',
      mend: loss.mend && loss.hotMealsLost ? sentenceStart(lossMendWords(loss.mend, this.units)) : '',
    }));
  });
  protected readonly costly = computed((): Row[] | undefined => this.rows()?.filter((r) => r.costs));
  /** What can be lost without a meal less; undefined where everything matters. */
  protected readonly harmless = computed(() => {
    const names = this.rows()?.flatMap((r) => (r.costs ? [] : [r.lost])) ?? [];
    return names.length ? orWords(names) : undefined;
  });
  protected readonly worst = computed(() => worstLoss(this.found() ?? [], this.units));
  protected readonly mendWords = (mend: Parameters<typeof lossMendWords>[0]): string => lossMendWords(mend, this.units);
}

interface Row {
  name: string;
  hotMealsLost: number;
  kcalLeft: number;
  untreatedMl: number;
  /** Share of the most meals lost, %. */
  share: number;
  meals: string;
  food: string;
  water: string;
  mend: string;
}
