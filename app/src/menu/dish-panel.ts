import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzInputDirective } from 'ng-zorro-antd/input';
import { build } from '@tinder/core/kit';
import { dishOn, editDishOn } from '@tinder/core/menu';
import { LIMITS, type Day, type Meal, type MealName } from '@tinder/core/model';
import { planDayOf } from '@tinder/core/planned';
import { learntDoneMin, type DoneVerdict } from '@tinder/core/study';
import { DayMarker } from '../planning/day-marker';
import { PlanService } from '../planning/plan-service';
import { RESTING, study } from '../planning/study';
import { StudyWorker } from '../planning/study-worker';
import { WorkspaceStore } from '../store/workspace-store';
import { Choice } from '../ui/choice';
import { QuantityField } from '../ui/quantity-field';
import { StudyNote } from '../ui/study-note';
import { Units } from '../words/units';
import { cardWords, learntWords } from '../words/card-words';
import { PART_WORDS } from '../words/part-words';
import { takeName } from '../ui/take-name';
import { Hint } from '../ui/hint';

/** One dish on the marked day: its numbers to change, and its card as it is read at the stove. */
@Component({
  selector: 'app-dish-panel',
  imports: [Choice, Hint, NzButtonComponent, NzInputDirective, QuantityField, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <app-study-note [study]="cards" />
    @if (card(); as c) {
      <h2 class="sign">The {{ words[c.name] }} of day {{ c.day }}</h2>
      <div class="line">
        <label class="name" for="dish-name">Dish</label>
        <input id="dish-name" nz-input class="left" maxlength="80" [value]="c.meal.name" (change)="rename($any($event.target))" />
      </div>
      <div class="numbers">
        @for (f of fields; track f.key) {
          <span class="name" [appHint]="f.name">{{ f.name }}</span>
          <app-quantity-field
            [appHint]="f.name"
            [label]="f.name + ' of the dish'"
            [quantity]="f.quantity"
            [value]="own(f.key)"
            [limits]="f.limits"
            (valueChange)="set(f.name, f.key, $event)"
          />
        }
        <span class="name">Portion</span>
        <app-quantity-field
          label="Portion of the dish, 100 % is the packet’s"
          quantity="percent"
          [value]="100 * usualMeal().portion"
          [limits]="{ min: 100 * L.appetite.min, max: 100 * L.appetite.max }"
          (valueChange)="change('portion', { portion: $event / 100 })"
        />
        @if (usualMeal().target; as target) {
          @if (target.kind === 'stopAt') {
            <span class="name">Stop at</span>
            <app-quantity-field
              label="Stop at, for the dish"
              quantity="temperature"
              [value]="target.targetC"
              [limits]="L.targetC"
              (valueChange)="change('target', { target: { kind: 'stopAt', targetC: $event } })"
            />
          }
        }
      </div>
      <div class="line wide">
        <app-choice label="Eaten from" [options]="vessels" [value]="c.meal.vessel" (valueChange)="change('vessel', { vessel: $event })" />
        <app-choice
          label="Does it foam"
          [options]="foams"
          [value]="c.meal.foams ? 'foams' : 'still'"
          (valueChange)="change('foams', { foams: $event === 'foams' })"
        />
        <app-choice
          label="Looked forward to"
          [options]="welcomes"
          [value]="c.meal.welcome ? 'yes' : 'no'"
          (valueChange)="change('welcome', { welcome: $event === 'yes' })"
        />
      </div>
      @if (c.meal.packet; as p) {
        <p class="quiet">
          The packet says {{ units.text(p.waterMl, 'volume') }} and {{ p.restMin }} min. Take the drying sachet out, stir to the corners, a
          little more water than it says.
        </p>
      }
      <h3 class="sign">At the stove</h3>
      <ul aria-label="Card">
        @for (s of steps(); track $index) {
          <li>{{ s }}</li>
        }
      </ul>
      @for (q of quirks(); track q) {
        <p class="quirk">{{ q }}</p>
      }
      @if (c.cooked) {
        <p class="verdict">
          <span class="name">It was</span>
          @for (v of verdicts; track v) {
            <button nz-button nzSize="small" type="button" (click)="learn(v)">{{ v }}</button>
          }
          <span class="quiet">{{ learnt() }}</span>
        </p>
      }
    }
  `,
  styleUrl: '../ui/rows.less',
  styles: `
    input.left {
      width: 100%;
      text-align: left;
    }
    .numbers {
      display: grid;
      grid-template-columns: 5.25rem 5.25rem 5.25rem 5.25rem;
      gap: 0 0.75rem;
      align-items: center;
      @media (max-width: 400px) {
        grid-template-columns: 5.25rem 5.25rem;
      }
    }
    .line.wide {
      display: flex;
      flex-wrap: wrap;
      gap: 0 1.25rem;
    }
    h3 {
      margin-top: 0.5rem;
    }
    ul {
      margin: 0;
      padding: 0 0 0 1rem;
    }
    p {
      margin: 0.25rem 0;
      font-size: 0.8125rem;
    }
    .quirk {
      margin: 2px 0;
      font-size: 0.8125rem;
    }
    .verdict {
      display: flex;
      flex-wrap: wrap;
      gap: 2px 0.875rem;
      align-items: baseline;
      font-size: 0.9375rem;
    }
  `,
})
export class DishPanel {
  protected readonly units = inject(Units);
  private readonly store = inject(WorkspaceStore);
  private readonly marker = inject(DayMarker);
  private readonly plans = inject(PlanService);

  readonly part = input.required<MealName>();

  protected readonly words = PART_WORDS;
  protected readonly L = LIMITS;
  protected readonly verdicts: readonly DoneVerdict[] = ['hard', 'good', 'mush'];
  protected readonly vessels = [
    { value: 'pot', label: 'From the pot' },
    { value: 'bag', label: 'From its bag' },
  ] as const;
  protected readonly foams = [
    { value: 'still', label: 'Stays down' },
    { value: 'foams', label: 'Foams' },
  ] as const;
  protected readonly welcomes = [
    { value: 'no', label: 'Food' },
    { value: 'yes', label: 'A treat ★' },
  ] as const;
  protected readonly fields = [
    { key: 'waterMl', name: 'water', quantity: 'volume', limits: LIMITS.waterMl },
    { key: 'dryG', name: 'dry food', quantity: 'mass', limits: LIMITS.dryG },
    { key: 'drainedMl', name: 'poured away', quantity: 'volume', limits: LIMITS.drainedMl },
    { key: 'fatG', name: 'fat added', quantity: 'mass', limits: LIMITS.dryG },
    { key: 'simmerMin', name: 'simmer', quantity: 'minutes', limits: LIMITS.simmerMin },
    { key: 'packagingG', name: 'packaging', quantity: 'mass', limits: LIMITS.dryG },
    { key: 'restMin', name: 'rest', quantity: 'minutes', limits: LIMITS.restMin },
    { key: 'kcal', name: 'energy', quantity: 'energy', limits: LIMITS.kcal },
    { key: 'homeMin', name: 'work at home', quantity: 'minutes', limits: LIMITS.homeMin },
    { key: 'price', name: 'price', quantity: 'price', limits: LIMITS.price },
  ] as const;

  private readonly worker = inject(StudyWorker);
  protected readonly cards = study(
    RESTING,
    () => {
      const planned = this.plans.current();
      return planned && { planned, day: this.marker.day(), part: this.part() };
    },
    ({ planned: { trip, plan }, day, part }, run) => this.worker.ask('card', { trip, plan }, { day, meal: part }, run),
  );
  /** An older card stays until the newer one is there. */
  protected readonly card = computed(() => this.cards.last()?.answer);
  protected readonly learnt = signal('');

  /** What to mind about the pieces of the kit that is carried, at the stove. */
  protected readonly quirks = computed(() => {
    const rack = this.store.rack();
    const kit = rack.kits.find((k) => k.id === this.plans.tripHere().rackKitId);
    const pieces = kit && this.card()?.cooked ? build(rack, kit).pieces : [];
    return pieces.flatMap((p) => (p.quirk && p.quirk.step !== 'packing' ? [`${p.quirk.step}, ${p.name}: ${p.quirk.words}`] : []));
  });
  protected readonly steps = computed(() => {
    const c = this.card();
    return c ? cardWords(c, this.plans.tripHere().kit, this.units, this.plans.tripHere().cupMarkMl) : [];
  });

  protected own(key: (typeof this.fields)[number]['key']): number | null {
    return this.usualMeal()[key];
  }

  protected set(name: string, key: (typeof this.fields)[number]['key'], value: number): void {
    this.change(name, { [key]: value });
  }

  protected rename(field: HTMLInputElement): void {
    const name = takeName(field, this.usualMeal().name);
    this.change('name', { name });
  }

  protected learn(verdict: DoneVerdict): void {
    const cooked = this.card()?.cooked;
    if (!cooked) return;
    const doneMin = learntDoneMin(cooked.cookedMin, verdict);
    this.change('how done it was', { doneMin });
    this.learnt.set(learntWords(doneMin, this.units));
  }

  protected change(what: string, change: Partial<Meal>): void {
    const c = this.card();
    if (!c) return;
    this.store.editTrip(`${PART_WORDS[c.name]}: ${what}`, (t) =>
      editDishOn(t, c.day, c.name, this.ownDishes(c.day), (m) => ({ ...m, ...change })),
    );
  }

  /** The dish as it was entered: what the fields change. */
  protected usualMeal(): Meal {
    const c = this.card();
    const trip = this.store.trip();
    return c ? dishOn(trip, c.day, c.name, this.ownDishes(c.day)) : trip.menu.supper;
  }

  private ownDishes(day: number): Day['dishes'] {
    const plan = this.plans.plan();
    return plan ? planDayOf(plan, day).dishes : {};
  }
}
