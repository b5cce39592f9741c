import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { potVolumeMl, type Target } from '@tinder/core/burn';
import { dishOn, editDishOn, FRY_MIN, REST_TARGET_C } from '@tinder/core/menu';
import { LIMITS, MEALS, type Meal, type MealName } from '@tinder/core/model';
import { planDayOf, type Plan } from '@tinder/core/planned';
import { formatDuration } from '@tinder/core/units';
import { snowPotfuls } from '@tinder/core/water';
import { Figure } from '../ledger/figure';
import { DayMarker } from '../planning/day-marker';
import { WorkspaceStore } from '../store/workspace-store';
import { Choice, type Option } from '../ui/choice';
import { Opened } from '../ui/opened';
import { PickField } from '../ui/pick-field';
import { QuantityField } from '../ui/quantity-field';
import { Units } from '../words/units';
import { PART_WORDS } from '../words/part-words';
import { doseWords, outcomeWords } from '../words/meal-words';

/** Between fresh powder (0.1) and old firn (0.5). */
const SETTLED_SNOW_G_PER_ML = 0.3;

/** The day's two meals: what is cooked, and what it costs on the marked day. */
@Component({
  selector: 'app-meals-panel',
  imports: [Choice, Figure, Opened, PickField, QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 class="sign">the meals, on day {{ marker.day() }}</h2>
    @for (name of names(); track name) {
      @let meal = dish(name);
      @let planned = day().meals[name];
      <section [attr.aria-label]="name">
        <div class="head">
          <h3>{{ partWords[name] }}</h3>
          <app-choice
            [label]="name + ', hot or cold'"
            [options]="hotOptions"
            [value]="meal.hot ? 'hot' : 'cold'"
            (valueChange)="edit(name, 'hot or cold', { hot: $event === 'hot' })"
          />
        </div>
        @if (meal.hot) {
          <div class="asked">
            <app-quantity-field
              [label]="name + ' water'"
              quantity="volume"
              [value]="meal.waterMl"
              [limits]="L.waterMl"
              (valueChange)="edit(name, 'water', { waterMl: $event })"
            />
            <app-choice
              [label]="name + ', brought to'"
              [options]="targetOptions"
              [value]="meal.target.kind"
              (valueChange)="target(name, $event)"
            />
            @if (meal.target.kind === 'stopAt') {
              <app-quantity-field
                [label]="name + ', stop at'"
                quantity="temperature"
                [value]="meal.target.targetC"
                [limits]="L.targetC"
                (valueChange)="edit(name, 'target', { target: { kind: 'stopAt', targetC: $event } })"
              />
            } @else if (meal.target.kind === 'fry') {
              <app-quantity-field
                [label]="name + ', minutes in the pan'"
                quantity="minutes"
                [value]="meal.target.minutes"
                [limits]="L.fryMin"
                (valueChange)="edit(name, 'minutes in the pan', { target: { kind: 'fry', minutes: $event } })"
              />
            }
          </div>
          <details appOpened #o="opened" [open]="meal.simmerMin > 0 || meal.makeSafe !== 'none'">
            <summary>simmer, boil to make it safe, stir in</summary>
            @if (o.once()) {
              <div class="line more">
                <app-pick-field
                  label="held at heat"
                  [options]="simmerOptions(meal.simmerMin)"
                  [value]="'' + meal.simmerMin"
                  (valueChange)="edit(name, 'simmer', { simmerMin: +$event })"
                />
              </div>
              <div class="line more">
                <app-pick-field
                  label="made safe"
                  [options]="safeOptions"
                  [value]="meal.makeSafe"
                  (valueChange)="edit(name, 'made safe', { makeSafe: $event })"
                />
              </div>
              <div class="line more">
                <span class="name">dry food in</span>
                <app-quantity-field
                  [label]="name + ', dry food stirred in'"
                  quantity="mass"
                  [value]="meal.dryG"
                  [limits]="L.dryG"
                  (valueChange)="edit(name, 'dry food', { dryG: $event })"
                />
              </div>
            }
          </details>
          @if (planned) {
            @if (planned.burn.outcome.kind === 'done') {
              <div class="answer">
                <app-figure class="big" [text]="units.mealMass(planned.fuelG)" [ref]="{ kind: 'meal', day: planned.day, meal: name }" />
                <span class="big">{{ duration(planned.burn.durationS) }}</span>
                @if (dose(name); as words) {
                  <span class="quiet">{{ words }}</span>
                }
                @if (day().snow) {
                  <span class="quiet">{{ snow(meal.waterMl) }}</span>
                }
              </div>
            } @else {
              <p class="error">{{ outcome(name) }}</p>
            }
          }
        } @else {
          <p class="cold quiet">no fuel</p>
        }
      </section>
    }
  `,
  styleUrls: ['../ui/rows.less', './meals-panel.less'],
})
export class MealsPanel {
  protected readonly store = inject(WorkspaceStore);
  protected readonly marker = inject(DayMarker);
  protected readonly units = inject(Units);
  protected readonly L = LIMITS;
  protected readonly partWords = PART_WORDS;
  protected readonly duration = formatDuration;
  protected readonly hotOptions = [
    { value: 'hot', label: 'hot' },
    { value: 'cold', label: 'cold' },
  ] as const;
  protected readonly targetOptions = [
    { value: 'boil', label: 'to a boil' },
    { value: 'stopAt', label: 'stop at' },
    { value: 'fry', label: 'fry' },
  ] as const;

  /** The stricter rule first: below it lies the milder one. */
  protected readonly safeOptions: readonly { value: Meal['makeSafe']; label: string }[] = [
    { value: 'none', label: 'otherwise: filter, tap' },
    { value: 'epa', label: '1 min, 3 above 1,524 m (EPA)' },
    { value: 'cdc', label: '1 min, 3 above 1,981 m (CDC)' },
  ];

  readonly plan = input.required<Plan>();
  /** Breakfast and supper, and whatever else is hot on this day. */
  protected readonly names = computed(() => MEALS.filter((m) => m === 'breakfast' || m === 'supper' || this.day().meals[m]));
  protected readonly day = computed(() => planDayOf(this.plan(), this.marker.day()));

  /** Usual times; a typed one from a file is kept among them. */
  protected simmerOptions(now: number): Option[] {
    const minutes = [...new Set([0, 1, 2, 3, 5, 8, 10, 12, 15, 20, now])].sort((a, b) => a - b);
    return minutes.map((m) => ({ value: String(m), label: m === 0 ? 'not held' : `${m} min` }));
  }

  /** The dish of the marked day, wherever it is set. */
  protected dish(name: MealName): Meal {
    return dishOn(this.store.trip(), this.day().day, name, this.day().dishes);
  }

  protected edit(name: MealName, what: string, change: Partial<Meal>): void {
    const { day, dishes } = this.day();
    this.store.editTrip(`${name}: ${what}`, (t) => editDishOn(t, day, name, dishes, (m) => ({ ...m, ...change })));
  }

  protected target(name: MealName, kind: Target['kind']): void {
    const target: Record<Target['kind'], Target> = {
      boil: { kind: 'boil' },
      stopAt: { kind: 'stopAt', targetC: REST_TARGET_C },
      fry: { kind: 'fry', minutes: FRY_MIN },
    };
    this.edit(name, 'target', { target: target[kind] });
  }

  protected dose(name: MealName): string | undefined {
    const planned = this.day().meals[name];
    return planned?.dose && doseWords(planned.dose, this.units);
  }

  /** Settled snow of a third of water's density; powder takes three times as many. */
  protected snow(waterMl: number): string {
    const potfuls = snowPotfuls(waterMl, SETTLED_SNOW_G_PER_ML, potVolumeMl(this.store.trip().kit.pot));
    return `${potfuls.toFixed(1)} potfuls of settled snow${this.day().starterWater ? ', on a little starter water' : ', melted dry'}`;
  }

  protected outcome(name: MealName): string {
    const planned = this.day().meals[name];
    return planned ? outcomeWords(planned, this.units) : '';
  }
}
