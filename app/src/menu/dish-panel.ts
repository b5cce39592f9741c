import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal } from '@angular/core';
import {
  dishOn,
  editDishOn,
  formatDuration,
  learntDoneMin,
  LIMITS,
  type DishCard,
  type DoneVerdict,
  type Meal,
  type MealName,
} from '@tinder/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzInputDirective } from 'ng-zorro-antd/input';
import { doseWords } from '../carry/meal-words';
import { DayMarker } from '../state/day-marker';
import { PlanService } from '../state/plan-service';
import { WorkspaceStore } from '../state/workspace-store';
import { Choice } from '../ui/choice';
import { QuantityField } from '../ui/quantity-field';
import { Units } from '../ui/units';
import { METHOD_WORDS, PART_WORDS } from './menu-words';

/** One dish on the marked day: its numbers to change, and its card as it is read at the stove. */
@Component({
  selector: 'app-dish-panel',
  imports: [Choice, NzButtonComponent, NzInputDirective, QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (card(); as c) {
      <h2 class="sign">the {{ words[c.name] }} of day {{ c.day }}</h2>
      <div class="line">
        <label class="name" for="dish-name">dish</label>
        <input id="dish-name" nz-input class="left" maxlength="80" [value]="c.meal.name" (change)="rename($any($event.target))" />
      </div>
      <div class="numbers">
        @for (f of fields; track f.key) {
          <span class="name">{{ f.name }}</span>
          <app-quantity-field
            [label]="f.name + ' of the dish'"
            [quantity]="f.quantity"
            [value]="own(f.key)"
            [limits]="f.limits"
            (valueChange)="set(f.name, f.key, $event)"
          />
        }
        <span class="name">portion</span>
        <app-quantity-field
          label="portion of the dish, 100 % is the packet’s"
          quantity="percent"
          [value]="100 * usualMeal().portion"
          [limits]="{ min: 100 * L.appetite.min, max: 100 * L.appetite.max }"
          (valueChange)="change('portion', { portion: $event / 100 })"
        />
        @if (usualMeal().target; as target) {
          @if (target.kind === 'stopAt') {
            <span class="name">stop at</span>
            <app-quantity-field
              label="stop at, for the dish"
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
      <h3 class="sign">at the stove</h3>
      <ul aria-label="card">
        @for (s of steps(); track $index) {
          <li>{{ s }}</li>
        }
      </ul>
      @if (c.cooked) {
        <p class="verdict">
          <span class="name">it was</span>
          @for (v of verdicts; track v) {
            <button nz-button class="word" type="button" (click)="learn(v)">{{ v }}</button>
          }
          <span class="quiet">{{ learnt() }}</span>
        </p>
      }
    }
  `,
  styleUrl: '../carry/panel.less',
  styles: `
    input.left {
      width: 100%;
      text-align: left;
    }
    .numbers {
      display: grid;
      grid-template-columns: 84px 70px 84px 70px;
      gap: 0 12px;
      align-items: center;
    }
    .line.wide {
      display: flex;
      flex-wrap: wrap;
      gap: 0 20px;
    }
    h3 {
      margin-top: 8px;
    }
    ul {
      margin: 0;
      padding: 0 0 0 16px;
    }
    p {
      margin: 4px 0;
      font-size: 13px;
    }
    .verdict {
      display: flex;
      flex-wrap: wrap;
      gap: 2px 14px;
      align-items: baseline;
      font-size: 15px;
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
    { value: 'pot', label: 'from the pot' },
    { value: 'bag', label: 'from its bag' },
  ] as const;
  protected readonly foams = [
    { value: 'still', label: 'stays down' },
    { value: 'foams', label: 'foams' },
  ] as const;
  protected readonly welcomes = [
    { value: 'no', label: 'food' },
    { value: 'yes', label: 'a treat ★' },
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

  /** An older card stays until the newer one is there. */
  protected readonly card = signal<DishCard | undefined>(undefined);
  protected readonly learnt = signal('');

  constructor() {
    effect(() => {
      const planned = this.plans.planned();
      const day = this.marker.day();
      const part = this.part();
      if (planned && !this.plans.stale())
        void this.plans.card(planned, day, part).then((c) => this.plans.planned() === planned && this.card.set(c));
    });
  }

  /** Water, dose, flame, time, cues, rest and when it can be eaten, in the order of doing. */
  protected readonly steps = computed((): string[] => {
    const c = this.card();
    if (!c) return [];
    const { meal, cooked } = c;
    if (!cooked) return coldSteps(meal);
    const { planned } = cooked;
    const { kit } = this.store.trip();
    const minutes = (s: number) => formatDuration(s);
    const heat =
      meal.target.kind === 'fry'
        ? `Fry ${meal.target.minutes} min at ${Math.round(100 * kit.flameSetting)} % flame: ${this.units.mealMass(planned.burn.fuelG)}.`
        : `${this.units.text(meal.waterMl, 'volume')} of water; ${planned.dose ? doseWords(planned.dose, this.units) : `flame at ${Math.round(100 * kit.flameSetting)} %`}: ${this.units.mealMass(planned.burn.fuelG)} of fuel.`;
    const range = `About ${minutes(planned.burn.durationS)}, ${minutes(cooked.quickS)} on a kind evening, ${cooked.slowS === undefined ? 'never in a wind one class up' : `${minutes(cooked.slowS)} on a hard one`}.`;
    const need =
      meal.dryG === 0
        ? ''
        : cooked.needRestS === undefined
          ? 'It cools before it is done: wrap it better, or boil.'
          : cooked.needRestS === 0
            ? 'Done when the flame goes out.'
            : `Rest ${minutes(Math.max(60, cooked.needRestS))} for it to be done here${meal.packet ? ` (the packet says ${meal.packet.restMin} min)` : ''}.`;
    const eat =
      meal.target.kind === 'fry'
        ? ''
        : `After ${meal.restMin} min it is at ${this.units.text(cooked.eatenC, 'temperature')}; cool enough to eat ${minutes(cooked.coolS)} after the flame.`;
    const stir =
      meal.dryG > 0 && meal.target.kind !== 'fry' && meal.simmerMin === 0
        ? `Stir in ${this.units.text(meal.dryG, 'mass')}: it drops to ${this.units.text(cooked.mixedC, 'temperature')}.`
        : '';
    const room =
      meal.dryG > 0 && meal.target.kind !== 'fry'
        ? `It fills ${this.units.text(c.potFillMl, 'volume')} of the pot; the food swells to about ${this.units.text(c.swollenMl, 'volume')}.`
        : '';
    return [heat, range, room, cueWords(meal), stir, need, eat, safetyWords(meal)].filter(Boolean);
  });

  protected own(key: (typeof this.fields)[number]['key']): number | null {
    return this.usualMeal()[key];
  }

  protected set(name: string, key: (typeof this.fields)[number]['key'], value: number): void {
    this.change(name, { [key]: value });
  }

  protected rename(field: HTMLInputElement): void {
    const name = field.value.trim();
    field.value = name || this.usualMeal().name;
    if (name) this.change('name', { name });
  }

  protected learn(verdict: DoneVerdict): void {
    const cooked = this.card()?.cooked;
    if (!cooked) return;
    const doneMin = learntDoneMin(cooked.cookedMin, verdict);
    this.change('how done it was', { doneMin });
    this.learnt.set(`Noted: it wants ${doneMin.toFixed(1)} min at ${this.units.text(90, 'temperature')}.`);
  }

  protected change(what: string, change: Partial<Meal>): void {
    const c = this.card();
    const day = c && this.plans.plan()?.days[c.day - 1];
    if (!day) return;
    this.store.editTrip(`${PART_WORDS[c.name]}: ${what}`, (t) => editDishOn(t, day.day, c.name, day.dishes, (m) => ({ ...m, ...change })));
  }

  /** The dish as it was entered: what the fields change. */
  protected usualMeal(): Meal {
    const c = this.card();
    const trip = this.store.trip();
    return c ? dishOn(trip, c.day, c.name, this.plans.plan()?.days[c.day - 1]?.dishes ?? {}) : trip.menu.supper;
  }
}

function cueWords(meal: Meal): string {
  if (meal.target.kind === 'fry') return 'Ready when a drop of water dances in the pan.';
  if (meal.target.kind === 'stopAt')
    return meal.target.targetC >= 85
      ? 'Stop at small bubbles and steam along the wall.'
      : 'Stop when it steams and is too hot for a finger.';
  if (meal.simmerMin > 0) return `At the rolling boil put the food in, turn down, ${meal.simmerMin} min, stir to the corners.`;
  return meal.makeSafe !== 'none'
    ? 'A rolling boil for the whole time counts, bubbles all over.'
    : 'Ready at a rolling boil, bubbles all over.';
}

function coldSteps(meal: Meal): string[] {
  if (meal.method === 'coldSoak')
    return [
      `Soak in ${Math.round(meal.waterMl)} mL for ${meal.restMin} min, in a clean jar with the lid on.`,
      'Eat within 2 hours above 4 °C, 1 hour above 32 °C (USDA-FSIS).',
    ];
  return [`${METHOD_WORDS[meal.method]}: no flame.`, safetyWords(meal)].filter(Boolean);
}

const safetyWords = (meal: Meal): string => (meal.dryG > 0 ? 'Clean hands and spoon; what is left over is not kept beyond 2 hours.' : '');
