import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { LIMITS, type Meal, type MealName } from '@tinder/core/domain/model';
import type { PlanDay } from '@tinder/core/planning/planned';
import { MealEditor } from '../../planning/meal-editor';
import type { Option } from '../../ui/choice';
import { PickField } from '../../ui/pick-field';
import { QuantityField } from '../../ui/quantity-field';
import { PART_WORDS } from '../../words/part-words';
import { sentenceStart } from '../../words/sentence-start';

/** Usual times, min; a typed one from a file is kept among them. */
const SIMMER_MIN = [0, 1, 2, 3, 5, 8, 10, 12, 15, 20];

/** The finer points of one hot meal: where it stops, the simmer, boiling to make water safe, what is stirred in. */
@Component({
  selector: 'app-meal-finer',
  imports: [PickField, QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let m = meal();
    <h3>{{ title() }}</h3>
    @if (m.target.kind === 'stopAt') {
      <div class="line typed">
        <span class="name">Stop at</span>
        <app-quantity-field
          [label]="title() + ', stop at'"
          quantity="temperature"
          [value]="m.target.targetC"
          [limits]="L.targetC"
          (valueChange)="change('target', { target: { kind: 'stopAt', targetC: $event } })"
        />
      </div>
    } @else if (m.target.kind === 'fry') {
      <div class="line typed">
        <span class="name">Minutes in the pan</span>
        <app-quantity-field
          [label]="title() + ', minutes in the pan'"
          quantity="minutes"
          [value]="m.target.minutes"
          [limits]="L.fryMin"
          (valueChange)="change('minutes in the pan', { target: { kind: 'fry', minutes: $event } })"
        />
      </div>
    }
    <div class="line">
      <app-pick-field
        label="Simmer"
        [options]="simmers()"
        [value]="'' + m.simmerMin"
        (valueChange)="change('simmer', { simmerMin: +$event })"
      />
    </div>
    <div class="line">
      <app-pick-field
        label="Safe water"
        [options]="safeOptions"
        [value]="m.makeSafe"
        (valueChange)="change('safe water', { makeSafe: $event })"
      />
    </div>
    <div class="line typed">
      <span class="name">Dry food stirred in</span>
      <app-quantity-field
        [label]="title() + ', dry food stirred in'"
        quantity="mass"
        [value]="m.dryG"
        [limits]="L.dryG"
        (valueChange)="change('dry food', { dryG: $event })"
      />
    </div>
  `,
  host: { role: 'group', '[attr.aria-label]': 'title()' },
  styleUrl: '../../ui/rows.less',
  styles: `
    h3 {
      margin-top: 0.25rem;
    }
  `,
})
export class MealFiner {
  private readonly editor = inject(MealEditor);
  protected readonly L = LIMITS;
  /** The stricter rule first: below it lies the milder one. */
  protected readonly safeOptions: readonly { value: Meal['makeSafe']; label: string }[] = [
    { value: 'none', label: 'Filter or tap' },
    { value: 'epa', label: 'Boil 1 min, 3 above 1,524 m (EPA)' },
    { value: 'cdc', label: 'Boil 1 min, 3 above 1,981 m (CDC)' },
  ];

  readonly day = input.required<PlanDay>();
  readonly name = input.required<MealName>();
  protected readonly title = computed(() => sentenceStart(PART_WORDS[this.name()]));
  protected readonly meal = computed(() => this.editor.dish(this.day(), this.name()));
  protected readonly simmers = computed((): Option[] => {
    const minutes = [...new Set([...SIMMER_MIN, this.meal().simmerMin])].sort((a, b) => a - b);
    return minutes.map((m) => ({ value: String(m), label: m === 0 ? 'None' : `${m} min` }));
  });

  protected change(what: string, change: Partial<Meal>): void {
    this.editor.edit(this.day(), this.name(), what, change);
  }
}
