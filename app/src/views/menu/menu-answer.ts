import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MEALS } from '@tinder/core/domain/model';
import { planDayOf, type CarryPlan, type Plan } from '@tinder/core/planning/planned';
import { formatDuration } from '@tinder/core/foundation/units';
import { Savings } from '../../parts/answer/savings';
import { Figure } from '../../parts/ledger/figure';
import { DayMarker } from '../../planning/day-marker';
import { dayCountWords } from '../../words/leg-words';
import { outcomeWords } from '../../words/meal-words';
import { PART_WORDS } from '../../words/part-words';
import { Units } from '../../words/units';
import { DishStudy } from './dish-study';

/** What the dish that is looked at takes of fuel and time, the day and the leg it belongs to, and the easiest savings. */
@Component({
  selector: 'app-menu-answer',
  imports: [Figure, Savings],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let a = answer();
    <h2>{{ a.title }}</h2>
    <p class="quiet">{{ study.card()?.meal?.name }}</p>
    <p class="sum">
      <span class="big">{{ a.fuel }}</span>
      <span class="quiet">{{ a.words }}</span>
    </p>
    @if (a.fails) {
      <p class="error">{{ a.fails }}</p>
    }
    <dl>
      @for (m of meals(); track m.name) {
        <dt>{{ words[m.name] }}</dt>
        <dd><app-figure [text]="m.text" [ref]="{ kind: 'meal', day: marker.day(), meal: m.name }" /></dd>
      }
      <dt class="result">Day {{ marker.day() }}</dt>
      <dd class="result">{{ units.mealMass(day().fuelG) }}</dd>
      <dt class="quiet">{{ days() }} to {{ carry().to }}</dt>
      <dd class="quiet">
        <app-figure [text]="units.text(carry().demandG, 'mass')" [ref]="{ kind: 'demand', stopId: carry().fromStopId }" />
      </dd>
    </dl>
    <app-savings />
  `,
  styleUrls: ['../../parts/answer/sums.less', '../../parts/answer/answer-sums.less'],
  styles: `
    h2 {
      margin: 0;
    }
    p {
      margin: 0.25rem 0;
    }
  `,
})
export class MenuAnswer {
  protected readonly study = inject(DishStudy);
  protected readonly units = inject(Units);
  protected readonly marker = inject(DayMarker);
  readonly plan = input.required<Plan>();
  readonly carry = input.required<CarryPlan>();

  protected readonly words = PART_WORDS;
  protected readonly day = computed(() => planDayOf(this.plan(), this.marker.day()));
  protected readonly days = computed(() => dayCountWords(this.carry().days.length));
  protected readonly meals = computed(() =>
    MEALS.flatMap((name) => {
      const meal = this.day().meals[name];
      return meal ? [{ name, text: this.units.mealMass(meal.fuelG) }] : [];
    }),
  );
  protected readonly answer = computed(() => {
    const part = this.study.part();
    const meal = this.day().meals[part];
    const title = `${PART_WORDS[part]}, day ${this.marker.day()}`;
    if (!meal) return { title, fuel: this.units.text(0, 'mass'), words: 'nothing is cooked', fails: '' };
    const isDone = meal.burn.outcome.kind === 'done';
    return {
      title,
      fuel: this.units.mealMass(meal.fuelG),
      words: isDone ? `of fuel, ${formatDuration(meal.burn.durationS)} of stove time` : 'of fuel for nothing hot',
      fails: isDone ? '' : outcomeWords(meal, this.units),
    };
  });
}
