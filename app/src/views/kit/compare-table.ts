import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { LIMITS, type Criterion } from '@tinder/core/domain/model';
import { WorkspaceStore } from '../../store/workspace-store';
import { QuantityField } from '../../ui/quantity-field';
import { Slider } from '../../ui/slider';
import { CRITERION_WORDS } from '../../words/kit-words';
import { sentenceStart } from '../../words/sentence-start';
import { Comparison } from './comparison';
import { Hint } from '../../ui/hint';

/** How much each criterion counts, and every kit's measure or points as a bar: a longer one is better. */
@Component({
  selector: 'app-compare-table',
  imports: [Hint, QuantityField, Slider],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="scroll" tabindex="0" role="group" aria-labelledby="compare-title">
      <table class="stacks headed" aria-labelledby="compare-title" [attr.aria-busy]="comparison.stale()">
        <thead>
          <tr>
            <th scope="col">Criterion</th>
            <th scope="col" appHint="how much it counts">How much it counts</th>
            @for (c of comparison.columns(); track c.id) {
              <th scope="col" class="kit case">
                <span class="rank">{{ c.rank }}</span> {{ c.name }}
                <b>{{ c.total }}</b>
              </th>
            }
          </tr>
        </thead>
        <tbody>
          @for (r of comparison.rows(); track r.criterion) {
            <tr>
              <th scope="row" [appHint]="r.words">{{ sentenceStart(r.words) }}</th>
              <td class="weight" data-label="How much it counts">
                <app-slider
                  [label]="'How much ' + r.words + ' counts'"
                  [value]="r.weight"
                  [scale]="{ min: 0, max: 100 }"
                  [step]="5"
                  (valueChange)="weigh(r.criterion, $event)"
                />
                <span class="quiet">{{ r.weight }}</span>
              </td>
              @for (c of r.cells; track c.id) {
                <td class="cell" [attr.data-label]="c.name">
                  <span class="bar" aria-hidden="true"
                    ><i [class.judged]="c.judged" [class.warm]="r.warm" [style.width.%]="c.share"></i
                  ></span>
                  @if (c.typed) {
                    <app-quantity-field
                      [label]="r.words + ' of ' + c.name + ', points out of five'"
                      quantity="count"
                      [bare]="true"
                      [decimals]="1"
                      [value]="c.points"
                      placeholder="points?"
                      [limits]="L.points"
                      (valueChange)="judge(c.id, r.criterion, $event)"
                    />
                  } @else {
                    <span class="value">{{ c.text }}</span>
                  }
                  <span class="quiet diff">{{ c.note }}</span>
                </td>
              }
            </tr>
          }
        </tbody>
      </table>
    </div>
  `,
  styleUrl: '../../ui/table.less',
  styles: `
    :host {
      margin-top: 0;
    }
    th.kit {
      min-width: 9.375rem;
      white-space: normal;
      vertical-align: bottom;
      color: var(--ink);
      font-size: 0.9375rem;
      line-height: 1.2;
    }
    .kit b {
      float: right;
    }
    .rank {
      font: 700 1.25rem/1 var(--signs);
      color: var(--ember-text);
    }
    .weight {
      width: 9.375rem;
    }
    .weight app-slider {
      display: inline-block;
      width: 6.5rem;
      vertical-align: middle;
    }
    .cell {
      display: table-cell;
      padding: 2px 0.875rem 2px 0;
    }
    .bar {
      display: block;
      height: 0.375rem;
      background: var(--ground-sunk);
    }
    .bar i {
      display: block;
      height: 0.375rem;
      background: var(--ink-quiet);
    }
    .bar i.warm {
      background: var(--ember);
    }
    .bar i.judged {
      background: repeating-linear-gradient(45deg, var(--ink-quiet) 0 3px, transparent 3px 0.3125rem);
    }
    .value {
      font-weight: 600;
    }
    .cell app-quantity-field {
      display: inline-block;
      width: 3.25rem;
    }
    .diff {
      float: right;
      font-size: 0.8125rem;
    }
    @media (max-width: 720px) {
      .kit b {
        margin-left: auto;
      }
      .weight {
        width: auto;
      }
      .cell {
        display: grid !important;
        grid-template-columns: minmax(0, 1fr) auto 4.75rem;
        align-items: center;
        padding-right: 0;
      }
      .cell .bar {
        grid-row: 2;
        grid-column: 1 / -1;
      }
      .diff {
        float: none;
      }
    }
  `,
})
export class CompareTable {
  protected readonly comparison = inject(Comparison);
  private readonly store = inject(WorkspaceStore);
  protected readonly L = LIMITS;
  protected readonly sentenceStart = sentenceStart;

  protected weigh(criterion: Criterion, { value, gesture }: { value: number; gesture: string }): void {
    this.store.editRack(
      `how much ${CRITERION_WORDS[criterion]} counts`,
      (r) => ({ ...r, score: { ...r.score, weights: { ...r.score.weights, [criterion]: value } } }),
      gesture,
    );
  }

  protected judge(id: string, criterion: Criterion, points: number): void {
    this.store.editRack('points of my own', (r) => ({
      ...r,
      score: { ...r.score, judged: { ...r.score.judged, [id]: { ...r.score.judged[id], [criterion]: points } } },
    }));
  }
}
