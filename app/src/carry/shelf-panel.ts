import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { COMFORTS, packageById, type Comfort, type ComfortSpent, type ShelfChoice } from '@tinder/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { PlanService } from '../state/plan-service';
import { RiskService } from '../state/risk-service';
import { StudyWorker } from '../state/study-worker';
import { answerWhenResting } from '../state/when-resting';
import { WorkspaceStore } from '../state/workspace-store';
import { Units } from '../ui/units';
import { chanceWords } from './risk-words';
import { dayWords } from './problem-words';

const COMFORT_WORDS: Record<Comfort, string> = {
  drink: 'a hot drink after supper',
  boil: 'a real boil where the pot stops below it',
  wash: 'a litre of warm water to wash in',
};

/** In the shop: what is on the shelf in order of preference, down to nothing; and what the fuel that is over could be spent on. */
@Component({
  selector: 'app-shelf-panel',
  imports: [NzButtonComponent],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (carry(); as c) {
      <div class="two">
        <section>
          <h2 class="sign">at the shelf: {{ c.from }}, for {{ c.days.length }} days to {{ c.to }}</h2>
          @if (shelf(); as s) {
            <p class="says">{{ says() }}</p>
            <table>
              <thead>
                <tr>
                  <th scope="col">take</th>
                  <th scope="col" class="number">weighs</th>
                  <th scope="col" class="number">costs</th>
                  <th scope="col" class="number">runs out</th>
                  <th scope="col" class="number">hot meals</th>
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
                    <td class="number">{{ r.weight }}</td>
                    <td class="number">{{ r.price }}</td>
                    <td class="number" [class.over]="r.over">{{ r.chance }}</td>
                    <td class="number">{{ r.meals }} of {{ s.hotMealsWanted }}</td>
                  </tr>
                }
              </tbody>
            </table>
            <p class="quiet">
              First the lightest that keeps the chance of running out to what you live with, then by that chance. If the first is not there,
              take the next; the plan looks at the stops after this one as well. ≈ where a usual price stands in. It works without a signal.
            </p>
          } @else if (c.demandG > 0) {
            <p class="quiet">drawing 10,000 trips…</p>
          } @else {
            <p class="quiet">Nothing is burnt from stock as far as {{ c.to }}: nothing has to be bought.</p>
          }
        </section>
        <section>
          <h2 class="sign">what is over could be spent on</h2>
          @if (slack(); as s) {
            <p class="says">{{ slackSays() }}</p>
            <ol>
              @for (x of s.spent; track x.comfort) {
                <li>
                  <span>{{ comfortWords(x) }}</span>
                  <span class="rank">
                    <button
                      nz-button
                      class="word"
                      type="button"
                      [disabled]="$first"
                      [attr.aria-label]="'rather: ' + names[x.comfort]"
                      (click)="rather(x.comfort)"
                    >
                      rather this
                    </button>
                  </span>
                </li>
              }
            </ol>
            @if (s.leftG < s.slackG - 0.05) {
              <button nz-button class="word" type="button" (click)="spend()">put them on the menu</button>
            }
            <p class="quiet">
              In your order, cheapest evenings first, within the same containers, the reserve and what you live with. Fuel that a later
              carry counts on stays untouched.
            </p>
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
      gap: 16px 48px;
    }
    ol {
      margin: 0 0 6px;
      padding-left: 20px;
    }
    li::marker {
      color: var(--ink-quiet);
    }
    .rank {
      margin-left: 10px;
    }
    @media (max-width: 900px) {
      .two {
        grid-template-columns: minmax(0, 1fr);
      }
    }
  `,
})
export class ShelfPanel {
  private readonly plans = inject(PlanService);
  private readonly store = inject(WorkspaceStore);
  private readonly risk = inject(RiskService);
  private readonly units = inject(Units);
  private readonly worker = inject(StudyWorker).worker;
  protected readonly names = COMFORT_WORDS;
  protected readonly carry = this.plans.carry;

  private readonly answers = answerWhenResting(
    () => {
      const planned = this.plans.current();
      const carry = this.plans.carry();
      return planned && carry && { planned, carry: planned.plan.carries.indexOf(carry), mishaps: this.risk.mishaps() };
    },
    ({ planned, carry, mishaps }) => this.worker.shelf(planned.trip, planned.plan, carry, mishaps),
  );
  private readonly answer = computed(() => (this.answers.fresh() ? this.answers.last()?.answer : undefined));
  protected readonly shelf = computed(() => this.answer()?.shelf);
  protected readonly slack = computed(() => this.answer()?.slack);

  protected readonly says = computed(() => {
    const s = this.shelf();
    if (!s) return '';
    const nothing = s.choices[s.choices.length - 1];
    const on = s.carriedOnG > 0.5 ? `${this.units.text(s.carriedOnG, 'mass')} come with you. ` : '';
    if (nothing.runOut <= this.risk.limit())
      return `${on}Nothing has to be bought: what you carry lasts for all ${s.hotMealsWanted} hot meals.`;
    return `${on}With nothing on the shelf ${nothing.hotMeals} of ${s.hotMealsWanted} hot meals are left until the next.`;
  });
  protected readonly rows = computed(() => {
    const planned = this.carry()?.bought.map((b) => b.fuelG) ?? [];
    const plannedG = planned.reduce((a, b) => a + b, 0);
    const massG = this.carry()?.bought.reduce((sum, b) => sum + b.fuelG + b.tareG, 0) ?? 0;
    return (this.shelf()?.choices ?? []).map((c) => ({
      words: this.takingWords(c),
      planned: Math.abs(c.massG - massG) < 1 && (plannedG > 0 || c.packages.length === 0),
      weight: this.units.text(c.massG, 'mass'),
      price: c.price > 0 ? `${c.priceAssumed ? '≈ ' : ''}${this.units.text(c.price, 'price')}` : '',
      chance: c.runOut >= 1 ? 'always' : chanceWords({ runOut: c.runOut, standardError: 1 / 10_000 }),
      over: c.runOut > this.risk.limit(),
      meals: c.hotMeals,
    }));
  });
  protected readonly slackSays = computed(() => {
    const s = this.slack();
    if (!s) return '';
    if (s.slackG < 0.5) return 'Nothing is over: every gram is counted on.';
    return `${this.units.text(s.slackG, 'mass')} are over on this carry; ${this.units.text(s.slackG - s.leftG, 'mass')} of them go into:`;
  });

  protected comfortWords({ comfort, days, eachG }: ComfortSpent): string {
    const each = eachG === undefined ? '' : `, about ${this.units.mealMass(eachG)} each`;
    if (days.length) return `${COMFORT_WORDS[comfort]} on ${dayWords(days)}${each}`;
    return eachG === undefined
      ? `${COMFORT_WORDS[comfort]}: already had, or nowhere to have it`
      : `${COMFORT_WORDS[comfort]}: does not fit${each}`;
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

  private takingWords({ packages, pouredMl }: ShelfChoice): string {
    if (packages.length)
      return packages
        .map((p) => (p.count === 1 ? packageById(p.packageId).name : `${p.count} × ${packageById(p.packageId).name}`))
        .join(' and ');
    return pouredMl ? `${this.units.text(pouredMl, 'volume')}, poured into your bottles` : 'nothing';
  }
}
