import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { potVolumeMl, type Target } from '@tinder/core/physics/burn';
import { FRY_MIN, REST_TARGET_C } from '@tinder/core/domain/menu';
import { LIMITS, type MealName } from '@tinder/core/domain/model';
import type { PlanDay } from '@tinder/core/planning/planned';
import { snowPotfuls } from '@tinder/core/physics/water';
import { Figure } from '../../parts/ledger/figure';
import { MealEditor } from '../../planning/meal-editor';
import { WorkspaceStore } from '../../store/workspace-store';
import { PickField } from '../../ui/pick-field';
import { QuantityField } from '../../ui/quantity-field';
import { SwitchField } from '../../ui/switch-field';
import { doseWords, outcomeWords } from '../../words/meal-words';
import { PART_WORDS } from '../../words/part-words';
import { sentenceStart } from '../../words/sentence-start';
import { Units } from '../../words/units';

/** Between fresh powder (0.1) and old firn (0.5). */
const SETTLED_SNOW_G_PER_ML = 0.3;

/** One meal of a day: hot or cold, its water, how far it is heated, and what that costs. */
@Component({
  selector: 'app-meal-rows',
  imports: [Figure, PickField, QuantityField, SwitchField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let m = meal();
    <div class="head">
      <app-switch-field [label]="'Hot ' + part()" [value]="m.hot" (valueChange)="change('hot or cold', { hot: $event })" />
      @if (cost(); as c) {
        <b><app-figure [text]="c.fuel" [ref]="{ kind: 'meal', day: day().day, meal: name() }" /> · {{ c.time }}</b>
      } @else if (!m.hot) {
        <span class="quiet">No fuel</span>
      }
    </div>
    @if (m.hot) {
      <div class="asked">
        <app-quantity-field
          [label]="title() + ' water'"
          quantity="volume"
          [value]="m.waterMl"
          [limits]="L.waterMl"
          (valueChange)="change('water', { waterMl: $event })"
        />
        <app-pick-field
          [label]="title() + ', heated to'"
          [quietly]="true"
          [options]="targets()"
          [value]="m.target.kind"
          (valueChange)="heatTo($event)"
        />
      </div>
      @if (failed(); as words) {
        <p class="error">{{ words }}</p>
      }
      @for (words of notes(); track words) {
        <p class="quiet">{{ words }}</p>
      }
    }
  `,
  host: { role: 'region', '[attr.aria-label]': 'part()' },
  styles: `
    :host {
      display: block;
    }
    b {
      font-weight: 600;
      white-space: nowrap;
    }
    .head {
      display: flex;
      flex-wrap: wrap;
      gap: 0 0.5rem;
      align-items: center;
      justify-content: space-between;
      min-height: var(--row, 2.75rem);
    }
    .asked {
      display: grid;
      grid-template-columns: 5.25rem minmax(0, 1fr);
      gap: 0.5rem;
      align-items: center;
      min-height: var(--row, 2.75rem);
    }
    app-quantity-field:has(.error) {
      grid-column: 1 / -1;
    }
    p {
      margin: 2px 0 0;
      font-size: 0.875rem;
      line-height: 1.3;
    }
  `,
})
export class MealRows {
  private readonly editor = inject(MealEditor);
  private readonly store = inject(WorkspaceStore);
  private readonly units = inject(Units);
  protected readonly L = LIMITS;

  readonly day = input.required<PlanDay>();
  readonly name = input.required<MealName>();

  protected readonly part = computed(() => PART_WORDS[this.name()]);
  protected readonly title = computed(() => sentenceStart(this.part()));
  protected readonly meal = computed(() => this.editor.dish(this.day(), this.name()));
  private readonly planned = computed(() => this.day().meals[this.name()]);
  protected readonly cost = computed(() => {
    const planned = this.planned();
    if (planned?.burn.outcome.kind !== 'done') return undefined;
    return { fuel: this.units.mealMass(planned.fuelG), time: `${Math.max(1, Math.round(planned.burn.durationS / 60))} min` };
  });
  protected readonly failed = computed(() => {
    const planned = this.planned();
    return planned && planned.burn.outcome.kind !== 'done' ? outcomeWords(planned, this.units) : '';
  });
  protected readonly notes = computed(() => {
    const [planned, day] = [this.planned(), this.day()];
    return [
      ...(planned?.dose ? [doseWords(planned.dose, this.units)] : []),
      ...(planned && day.snow ? [this.snowWords(this.meal().waterMl)] : []),
    ];
  });
  protected readonly targets = computed(() => {
    const { target } = this.meal();
    const stopC = target.kind === 'stopAt' ? target.targetC : REST_TARGET_C;
    const fryMin = target.kind === 'fry' ? target.minutes : FRY_MIN;
    return [
      { value: 'boil' as const, label: 'Bring to a boil' },
      { value: 'stopAt' as const, label: `Stop at ${this.units.text(stopC, 'temperature')}` },
      { value: 'fry' as const, label: `Fry for ${fryMin} min` },
    ];
  });

  protected change(what: string, change: Parameters<MealEditor['edit']>[3]): void {
    this.editor.edit(this.day(), this.name(), what, change);
  }

  protected heatTo(kind: Target['kind']): void {
    const target: Record<Target['kind'], Target> = {
      boil: { kind: 'boil' },
      stopAt: { kind: 'stopAt', targetC: REST_TARGET_C },
      fry: { kind: 'fry', minutes: FRY_MIN },
    };
    this.change('target', { target: target[kind] });
  }

  /** Settled snow of a third of water's density; powder takes three times as many. */
  private snowWords(waterMl: number): string {
    const potfuls = snowPotfuls(waterMl, SETTLED_SNOW_G_PER_ML, potVolumeMl(this.store.trip().kit.pot));
    return `${potfuls.toFixed(1)} potfuls of settled snow${this.day().starterWater ? ', on a little starter water' : ', melted dry'}`;
  }
}
