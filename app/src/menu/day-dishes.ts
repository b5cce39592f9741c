import { ChangeDetectionStrategy, Component, computed, inject, input, model, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import {
  clearDish,
  DISHES,
  editDishOn,
  isEatenOut,
  isHot,
  mealOn,
  methodProblems,
  NOTHING,
  setDish,
  withMethod,
  type DishScope,
} from '@tinder/core/menu';
import { LIMITS, MEALS, METHODS, type MealName, type Method } from '@tinder/core/model';
import { isBanned, kitInUse } from '@tinder/core/plan';
import { planDayOf, type Plan } from '@tinder/core/planned';
import { formatDuration } from '@tinder/core/units';
import { Figure } from '../ledger/figure';
import { DayMarker } from '../planning/day-marker';
import { WorkspaceStore } from '../store/workspace-store';
import { Choice } from '../ui/choice';
import { PickField } from '../ui/pick-field';
import { QuantityField } from '../ui/quantity-field';
import { Units } from '../words/units';
import { methodProblemWords, METHOD_WORDS } from '../words/menu-words';
import { PART_WORDS } from '../words/part-words';
import { Hint } from '../ui/hint';

type Scope = DishScope['kind'];

/** The dishes of the brushed days by part of the day: chosen for every day, for these days, or to take turns. */
@Component({
  selector: 'app-day-dishes',
  imports: [Choice, Figure, Hint, NzButtonComponent, PickField, QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 class="sign">{{ title() }}</h2>
    <div class="scope">
      <span class="name" appHint="a dish goes">A dish goes</span>
      <app-choice
        appHint="a dish goes"
        label="Where a chosen dish goes"
        [options]="scopes()"
        [value]="scope()"
        (valueChange)="scope.set($event)"
      />
    </div>
    @for (r of rows(); track r.name) {
      <section [class.on]="r.name === part()" [attr.aria-label]="words[r.name]" (focusin)="part.set(r.name)">
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
              <span class="quiet">town meal</span>
            } @else if (r.banned) {
              <span class="error">no flame allowed: soak it cold</span>
            } @else if (r.planned; as p) {
              @if (p.burn.outcome.kind === 'done') {
                <app-figure [text]="units.mealMass(p.fuelG)" [ref]="{ kind: 'meal', day: p.day, meal: r.name }" />
                <span class="quiet">{{ duration(p.burn.durationS) }}</span>
              } @else {
                <span class="error">fails</span>
              }
            } @else {
              <span class="quiet">cold</span>
            }
          </span>
        </div>
        @if (r.meal.hot || r.meal.dryG > 0) {
          <div class="row how">
            <app-pick-field
              [label]="'How ' + words[r.name] + ' is cooked'"
              [quietly]="true"
              [options]="r.methods"
              [value]="r.meal.method"
              (valueChange)="cook(r.name, $event)"
            />
            <span class="quiet">{{ r.note }}</span>
          </div>
        }
        @for (p of r.problems; track p) {
          <p class="error">{{ p }}</p>
        }
      </section>
    }
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
  `,
  styleUrl: '../ui/rows.less',
  styles: `
    .scope {
      padding: 0.25rem 0;
    }
    section {
      padding: 3px 0 0.25rem 0.5rem;
      border-left: 3px solid transparent;
      border-bottom: 1px solid var(--hairline);
    }
    section.on {
      border-left-color: var(--lichen);
    }
    .row {
      display: grid;
      grid-template-columns: 4.875rem minmax(0, 1fr) 6rem;
      gap: 0.5rem;
      align-items: baseline;
    }
    .row.how {
      grid-template-columns: minmax(0, 1fr) 6rem;
      padding-left: 5.375rem;
      font-size: 0.8125rem;
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
  readonly part = model.required<MealName>();

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
      { value: 'usual', label: 'On every day' },
      { value: 'days', label: from === to ? `on day ${from}` : `on days ${from} to ${to}` },
      { value: 'turn', label: 'in turn with the others' },
    ] as const;
  });
  protected readonly title = computed(() => {
    const { from, to } = this.marker.brush();
    return from === to ? `eaten on day ${from}` : `eaten on days ${from} to ${to}, day ${this.marker.day()} shown`;
  });
  /** The trip's own dishes first, then the catalogue. */
  protected readonly dishes = computed(() => {
    const own = this.store.trip().dishes.map((d) => d.meal);
    const rest = DISHES.filter((d) => !own.some((o) => o.name === d.name));
    return [...own, ...rest, NOTHING].map((m) => ({ value: m.name, label: `${m.name}${m.welcome ? ' ★' : ''}` }));
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
        // a way this kit cannot go stays in the list: it says why when it is taken
        methods: METHODS.map((value) => ({
          value,
          label: METHOD_WORDS[value] + (methodProblems(trip.kit, withMethod(meal, value)).length ? ' (not on this kit)' : ''),
        })),
        problems: methodProblems(trip.kit, meal).map((p) => methodProblemWords(p, this.units)),
        note: meal.kcal ? `${Math.round(meal.kcal)} kcal` : '',
      };
    });
  });
  /** The day shown has dishes of its own. */
  private readonly dayHasOwn = computed(() => Object.keys(this.day().dishes).length > 0);
  protected readonly hasOwn = computed(() => this.dayHasOwn() || Object.keys(this.store.trip().rotation).length > 0);
  protected readonly clearWords = computed(() => (this.dayHasOwn() ? 'back to the usual on these days' : 'end the turns'));

  protected choose(name: MealName, dish: string): void {
    const trip = this.store.trip();
    const meal = trip.dishes.find((d) => d.meal.name === dish)?.meal ?? [...DISHES, NOTHING].find((d) => d.name === dish);
    if (!meal) return;
    this.part.set(name);
    this.store.editTrip(`${PART_WORDS[name]}: ${dish}`, (t) => setDish(t, name, meal, this.target(), crypto.randomUUID()));
  }

  protected cook(name: MealName, method: Method): void {
    const { day, dishes } = this.day();
    this.store.editTrip(`${PART_WORDS[name]}: ${METHOD_WORDS[method]}`, (t) =>
      editDishOn(t, day, name, dishes, (m) => withMethod(m, method)),
    );
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
