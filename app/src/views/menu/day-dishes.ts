import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { clearDish, DISHES, isEatenOut, isHot, mealOn, NOTHING, setDish, type DishScope } from '@tinder/core/domain/menu';
import { LIMITS, MEALS, type MealName } from '@tinder/core/domain/model';
import { isBanned, kitInUse } from '@tinder/core/planning/plan';
import { planDayOf, type Plan } from '@tinder/core/planning/planned';
import { formatDuration } from '@tinder/core/foundation/units';
import { Figure } from '../../parts/ledger/figure';
import { DayMarker } from '../../planning/day-marker';
import { WorkspaceStore } from '../../store/workspace-store';
import { Choice } from '../../ui/choice';
import { PickField } from '../../ui/pick-field';
import { QuantityField } from '../../ui/quantity-field';
import { Units } from '../../words/units';
import { PART_WORDS } from '../../words/part-words';
import { sentenceStart } from '../../words/sentence-start';
import { Hint } from '../../ui/hint';
import { DishStudy } from './dish-study';

type Scope = DishScope['kind'];

/** The dishes of the brushed days by part of the day: chosen for every day, for these days, or to take turns. */
@Component({
  selector: 'app-day-dishes',
  imports: [Choice, Figure, Hint, NzButtonComponent, PickField, QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>{{ title() }}</h2>
    <div class="scope">
      <span class="name" appHint="a dish goes">Changes apply to</span>
      <app-choice
        appHint="a dish goes"
        label="Where a chosen dish goes"
        [options]="scopes()"
        [value]="scope()"
        (valueChange)="scope.set($event)"
      />
    </div>
    @for (r of rows(); track r.name) {
      <section [class.on]="r.name === study.part()" [attr.aria-label]="words[r.name]" (focusin)="study.part.set(r.name)">
        <div class="row">
          <app-pick-field
            [label]="words[r.name]"
            [options]="dishes()"
            [value]="r.dish"
            [unlisted]="r.meal.name"
            (valueChange)="choose(r.name, $event)"
          />
          <span class="amount">
            @if (r.out) {
              <span class="quiet">Town meal</span>
            } @else if (r.banned) {
              <span class="error">No flame allowed: soak it cold</span>
            } @else if (r.planned; as p) {
              @if (p.burn.outcome.kind === 'done') {
                <app-figure [text]="units.mealMass(p.fuelG)" [ref]="{ kind: 'meal', day: p.day, meal: r.name }" />
                <span class="quiet">{{ duration(p.burn.durationS) }}</span>
              } @else {
                <span class="error">Fails</span>
              }
            } @else {
              <span class="quiet">Cold</span>
            }
          </span>
        </div>
      </section>
    }
    <details>
      <summary>Lighting, appetite, usual dishes</summary>
      <div class="line">
        <span class="name" appHint="lighting">Lighting</span>
        <app-choice
          appHint="lighting"
          label="Dinner, drink and wash-up"
          [options]="lightings"
          [value]="store.trip().oneLighting ? 'one' : 'each'"
          (valueChange)="store.editTripWith('lighting', { oneLighting: $event === 'one' })"
        />
      </div>
      <div class="line typed">
        <span class="name" appHint="appetite">Appetite</span>
        <app-quantity-field
          appHint="appetite"
          label="Appetite, 100 % is what packets call a portion"
          quantity="percent"
          [value]="100 * store.trip().appetite"
          [limits]="{ min: 100 * L.appetite.min, max: 100 * L.appetite.max }"
          (valueChange)="store.editTripWith('appetite', { appetite: $event / 100 })"
        />
        <button nz-button nzSize="small" type="button" [disabled]="!hasOwn()" (click)="clear()">{{ clearWords() }}</button>
      </div>
    </details>
  `,
  styleUrl: '../../ui/rows.less',
  styles: `
    .scope {
      display: flex;
      flex-wrap: wrap;
      gap: 0.25rem 0.75rem;
      align-items: center;
      padding: 0.25rem 0;
    }
    section {
      padding: 0.3125rem 0 0.3125rem 0.5rem;
      border-left: 3px solid transparent;
      border-bottom: 1px solid var(--hairline);
    }
    section.on {
      border-left-color: var(--lichen);
    }
    .row {
      display: grid;
      grid-template-columns: 4.75rem minmax(0, 1fr) 4.375rem;
      gap: 0.5rem;
      align-items: baseline;
    }
    .amount {
      display: grid;
      justify-items: end;
    }
    p {
      margin: 2px 0;
    }
    .line.typed {
      grid-template-columns: 5.25rem 5.25rem 1fr;
    }
  `,
})
export class DayDishes {
  protected readonly store = inject(WorkspaceStore);
  protected readonly units = inject(Units);
  private readonly marker = inject(DayMarker);

  readonly plan = input.required<Plan>();
  protected readonly study = inject(DishStudy);

  protected readonly L = LIMITS;
  protected readonly words = PART_WORDS;
  protected readonly duration = formatDuration;
  protected readonly lightings = [
    { value: 'one', label: 'One for dinner and after' },
    { value: 'each', label: 'One each' },
  ] as const;
  protected readonly scope = signal<Scope>('usual');
  protected readonly scopes = computed(() => {
    const { from, to } = this.marker.brush();
    return [
      { value: 'usual', label: 'Every day' },
      { value: 'days', label: from === to ? `Day ${from}` : `Days ${from} to ${to}` },
      { value: 'turn', label: 'In turn' },
    ] as const;
  });
  protected readonly title = computed(() => {
    const { from, to } = this.marker.brush();
    return from === to ? `Meals, day ${from}` : `Meals, days ${from} to ${to}, day ${this.marker.day()} shown`;
  });
  /** The trip's own dishes first, then the catalogue. */
  protected readonly dishes = computed(() => {
    const own = this.store.trip().dishes.map((d) => d.meal);
    const rest = DISHES.filter((d) => !own.some((o) => o.name === d.name));
    return [...own, ...rest, NOTHING].map((m) => ({ value: m.name, label: `${sentenceStart(m.name)}${m.welcome ? ' ★' : ''}` }));
  });
  private readonly day = computed(() => planDayOf(this.plan(), this.marker.day()));
  protected readonly rows = computed(() => {
    const trip = this.store.trip();
    const day = this.day();
    const use = kitInUse(trip.kit);
    return MEALS.map((name) => {
      const meal = mealOn(trip, day.day, name, day.dishes);
      const listed = this.dishes().some((d) => d.value === meal.name);
      return {
        name,
        meal,
        dish: listed ? meal.name : undefined,
        out: isEatenOut(name, day.eatsOut),
        planned: day.meals[name],
        banned: isHot(meal) && isBanned(use, day.restriction),
      };
    });
  });
  /** The day shown has dishes of its own. */
  private readonly dayHasOwn = computed(() => Object.keys(this.day().dishes).length > 0);
  protected readonly hasOwn = computed(() => this.dayHasOwn() || Object.keys(this.store.trip().rotation).length > 0);
  protected readonly clearWords = computed(() => (this.dayHasOwn() ? 'Back to the usual dishes' : 'Stop taking turns'));

  protected choose(name: MealName, dish: string): void {
    const trip = this.store.trip();
    const meal = trip.dishes.find((d) => d.meal.name === dish)?.meal ?? [...DISHES, NOTHING].find((d) => d.name === dish);
    if (!meal) return;
    this.study.part.set(name);
    this.store.editTrip(`${PART_WORDS[name]}: ${dish}`, (t) => setDish(t, name, meal, this.target(), crypto.randomUUID()));
  }

  protected clear(): void {
    const scope: DishScope = this.dayHasOwn() ? { kind: 'days', ...this.marker.brush() } : { kind: 'turn' };
    this.store.editTrip('usual dishes', (t) => MEALS.reduce((next, name) => clearDish(next, name, scope), t));
  }

  private target(): DishScope {
    const kind = this.scope();
    return kind === 'days' ? { kind, ...this.marker.brush() } : { kind };
  }
}
