import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MEALS } from '@tinder/core/domain/model';
import { planDayOf, type Plan } from '@tinder/core/planning/planned';
import { DayMarker } from '../../planning/day-marker';
import { MealEditor } from '../../planning/meal-editor';
import { Opened } from '../../ui/opened';
import { Section } from '../../ui/section';
import { PART_WORDS } from '../../words/part-words';
import { sentenceStart } from '../../words/sentence-start';
import { Units } from '../../words/units';
import { MealFiner } from './meal-finer';
import { MealRows } from './meal-rows';

const MAIN = ['breakfast', 'supper'] as const;

/** The meals of the marked day: breakfast and dinner at first sight, their finer points and whatever else is heated one level deeper. */
@Component({
  selector: 'app-meals-panel',
  imports: [MealFiner, MealRows, Opened, Section],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <app-section [heading]="'Meals, day ' + marker.day()" [says]="says()">
      @for (name of main; track name) {
        <app-meal-rows [day]="day()" [name]="name" />
      }
      <details appOpened #finer="opened">
        <summary>{{ more() }}</summary>
        @if (finer.once()) {
          @for (name of hot(); track name) {
            <app-meal-finer [day]="day()" [name]="name" />
          }
          @for (name of others(); track name) {
            <app-meal-rows [day]="day()" [name]="name" />
          }
        }
      </details>
    </app-section>
  `,
  styleUrl: '../../ui/rows.less',
})
export class MealsPanel {
  protected readonly marker = inject(DayMarker);
  private readonly units = inject(Units);
  private readonly editor = inject(MealEditor);
  readonly plan = input.required<Plan>();

  protected readonly main = MAIN;
  protected readonly day = computed(() => planDayOf(this.plan(), this.marker.day()));
  protected readonly hot = computed(() => MAIN.filter((name) => this.editor.dish(this.day(), name).hot));
  /** "Hot breakfast 10.5 g, hot dinner 14.3 g". */
  protected readonly says = computed(() => {
    const { meals } = this.day();
    const words = MAIN.map((name) => {
      const planned = meals[name];
      return planned ? `hot ${PART_WORDS[name]} ${this.units.mealMass(planned.fuelG)}` : `cold ${PART_WORDS[name]}`;
    });
    return sentenceStart(words.join(', '));
  });
  /** What else is hot on this day. */
  protected readonly others = computed(() => MEALS.filter((name) => !MAIN.some((m) => m === name) && this.day().meals[name]));
  protected readonly more = computed(() => (this.others().length ? 'Simmer, stir in, drinks' : 'Simmer, stir in, safe water'));
}
