import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { COMFORTS, type Comfort } from '@tinder/core/domain/model';
import type { ComfortSpent } from '@tinder/core/studies/study';
import { TRIPS_TRIED } from '@tinder/core/planning/risk';
import { wholeNumber } from '@tinder/core/foundation/units';
import { PlanService } from '../../planning/plan-service';
import { RiskService } from '../../planning/risk-service';
import { RESTING, study } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { WorkspaceStore } from '../../store/workspace-store';
import { StudyNote } from '../../ui/study-note';
import { Units } from '../../words/units';
import { COMFORT_WORDS, comfortSpentWords, shopWords, slackWords, takingWords } from '../../words/shop-words';
import { oddsWords } from '../../words/risk-words';
import { Hint } from '../../ui/hint';

/** In the shop: what is there in order of preference, down to nothing; and what the fuel that is over could be spent on. */
@Component({
  selector: 'app-shop-panel',
  imports: [Hint, NzButtonComponent, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (carry(); as c) {
      <div class="two">
        <section>
          <h2>At the shop: {{ c.from }}, for {{ c.days.length }} days to {{ c.to }}</h2>
          @if (choices(); as s) {
            <p class="says">{{ says() }}</p>
            <table class="stacks">
              <thead>
                <tr>
                  <th scope="col">Take</th>
                  <th scope="col" class="number" appHint="weighs, at the shop">Weighs</th>
                  <th scope="col" class="number" appHint="costs, at the shop">Costs</th>
                  <th scope="col" class="number" appHint="run-out risk">Run-out risk</th>
                  <th scope="col" class="number" appHint="hot meals, as far as the next stop">Hot meals</th>
                </tr>
              </thead>
              <tbody>
                @for (r of rows(); track $index) {
                  <tr [class.on]="r.planned">
                    <th scope="row">
                      {{ r.words }}
                      @if (r.planned) {
                        <span class="quiet">as planned</span>
                      }
                    </th>
                    <td class="number" data-label="Weighs">{{ r.weight }}</td>
                    <td class="number" data-label="Costs">{{ r.price }}</td>
                    <td class="number" data-label="Run-out risk" [class.over]="r.over">{{ r.chance }}</td>
                    <td class="number" data-label="Hot meals">{{ r.meals }} of {{ s.hotMealsWanted }}</td>
                  </tr>
                }
              </tbody>
            </table>
            <p class="quiet">
              The lightest within your limit comes first. If it is sold out, take the next. The plan also looks at later stops. ≈ marks a
              usual price.
            </p>
          } @else if (answers.problem()) {
            <app-study-note [study]="answers" />
          } @else if (c.demandG > 0) {
            <p class="quiet">Drawing {{ trips }} trips…</p>
          } @else {
            <p class="quiet">No carried fuel is used as far as {{ c.to }}: nothing has to be bought.</p>
          }
        </section>
        <section>
          <h2>Use spare fuel for</h2>
          @if (slack(); as s) {
            <p class="says">{{ slackSays() }}</p>
            <ol>
              @for (x of s.spent; track x.comfort) {
                <li>
                  <span>{{ comfortWords(x) }}</span>
                  <span class="rank">
                    <button
                      nz-button
                      nzSize="small"
                      type="button"
                      [disabled]="$first"
                      [attr.aria-label]="'Rather: ' + names[x.comfort]"
                      (click)="rather(x.comfort)"
                    >
                      Prefer this
                    </button>
                  </span>
                </li>
              }
            </ol>
            @if (s.leftG < s.slackG - 0.05) {
              <button nz-button nzSize="small" type="button" (click)="spend()">Put them on the menu</button>
            }
            <p class="quiet">In your order, cheapest evenings first, within the same containers and your limit.</p>
          } @else {
            <p class="quiet">{{ c.demandG > 0 ? 'working it out…' : 'No fuel is carried here.' }}</p>
          }
        </section>
      </div>
    }
  `,
  styleUrl: './study.less',
  styles: `
    .two {
      display: grid;
      grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr);
      gap: 1rem 3rem;
    }
    ol {
      margin: 0 0 0.375rem;
      padding-left: 1.25rem;
    }
    li::marker {
      color: var(--ink-quiet);
    }
    .rank {
      margin-left: 0.625rem;
    }
    @media (max-width: 900px) {
      .two {
        grid-template-columns: minmax(0, 1fr);
      }
    }
  `,
})
export class ShopPanel {
  private readonly plans = inject(PlanService);
  private readonly store = inject(WorkspaceStore);
  private readonly risk = inject(RiskService);
  private readonly units = inject(Units);
  private readonly worker = inject(StudyWorker);
  protected readonly names = COMFORT_WORDS;
  protected readonly carry = this.plans.carry;

  protected readonly trips = wholeNumber(TRIPS_TRIED);
  protected readonly answers = study(
    RESTING,
    () => {
      const planned = this.plans.current();
      const carry = this.plans.carry();
      return planned && carry && { planned, fromStopId: carry.fromStopId, mishaps: this.risk.mishaps() };
    },
    ({ planned, fromStopId, mishaps }, run) =>
      this.worker.ask('shop', { trip: planned.trip, plan: planned.plan }, { fromStopId, mishaps }, run),
  );
  private readonly answer = computed(() => (this.answers.fresh() ? this.answers.last()?.answer : undefined));
  protected readonly choices = computed(() => this.answer()?.choices);
  protected readonly slack = computed(() => this.answer()?.slack);

  protected readonly says = computed(() => {
    const s = this.choices();
    return s ? shopWords(s, this.risk.limit(), this.units) : '';
  });
  protected readonly rows = computed(() => {
    const planned = this.carry()?.bought.map((b) => b.fuelG) ?? [];
    const plannedG = planned.reduce((a, b) => a + b, 0);
    const massG = this.carry()?.bought.reduce((sum, b) => sum + b.fuelG + b.tareG, 0) ?? 0;
    return (this.choices()?.choices ?? []).map((c) => ({
      words: takingWords(c, this.units),
      planned: Math.abs(c.massG - massG) < 1 && (plannedG > 0 || c.packages.length === 0),
      weight: this.units.text(c.massG, 'mass'),
      price: c.price > 0 ? `${c.priceAssumed ? '≈ ' : ''}${this.units.text(c.price, 'price')}` : '',
      chance: oddsWords(c.runOut),
      over: c.runOut > this.risk.limit(),
      meals: c.hotMeals,
    }));
  });
  protected readonly slackSays = computed(() => {
    const s = this.slack();
    return s ? slackWords(s, this.units) : '';
  });

  protected comfortWords(spent: ComfortSpent): string {
    return comfortSpentWords(spent, this.units);
  }

  /** Wished for before the one above it. */
  protected rather(comfort: Comfort): void {
    this.store.editTrip('what I would rather have', (t) => {
      const order = [...t.comforts, ...COMFORTS.filter((c) => !t.comforts.includes(c))];
      const at = order.indexOf(comfort);
      return { ...t, comforts: order.toSpliced(at, 1).toSpliced(Math.max(0, at - 1), 0, comfort) };
    });
  }

  protected spend(): void {
    const spent = this.slack();
    if (spent) this.store.editTrip('spend what is over', () => spent.trip);
  }
}
