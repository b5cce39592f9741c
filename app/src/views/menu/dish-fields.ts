import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzInputDirective } from 'ng-zorro-antd/input';
import { methodProblems, withMethod } from '@tinder/core/domain/menu';
import { LIMITS, METHODS, type Meal } from '@tinder/core/domain/model';
import { PlanService } from '../../planning/plan-service';
import { Choice } from '../../ui/choice';
import { Opened } from '../../ui/opened';
import { PickField } from '../../ui/pick-field';
import { QuantityField } from '../../ui/quantity-field';
import { StudyNote } from '../../ui/study-note';
import { takeName } from '../../ui/take-name';
import { methodProblemWords, methodWords } from '../../words/menu-words';
import { PART_WORDS } from '../../words/part-words';
import { sentenceStart } from '../../words/sentence-start';
import { Units } from '../../words/units';
import { DishNumber, type DishKey } from './dish-number';
import { DishStudy } from './dish-study';

const MAIN: readonly DishKey[] = ['waterMl', 'dryG'];
const FINER: readonly DishKey[] = ['drainedMl', 'fatG', 'simmerMin', 'packagingG', 'restMin', 'kcal', 'homeMin', 'price'];

/** The dish that is looked at, to be changed: water, food and the way it is cooked, finer points below. */
@Component({
  selector: 'app-dish-fields',
  imports: [Choice, DishNumber, NzInputDirective, Opened, PickField, QuantityField, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <app-study-note [study]="study.asked" />
    @if (study.card(); as c) {
      <h2>{{ words[c.name] }}: {{ c.meal.name }}</h2>
      <div class="numbers">
        @for (key of main; track key) {
          <app-dish-number [of]="key" />
        }
        <span class="name">Cooked</span>
        <span class="wide">
          <app-pick-field
            [label]="'How ' + words[c.name] + ' is cooked'"
            [quietly]="true"
            [options]="methods()"
            [value]="c.meal.method"
            (valueChange)="cook($event)"
          />
        </span>
        @if (stopAtC(); as targetC) {
          <span class="name">Stop at</span>
          <app-quantity-field
            label="Stop at, for the dish"
            quantity="temperature"
            [value]="targetC"
            [limits]="L.targetC"
            (valueChange)="change('target', { target: { kind: 'stopAt', targetC: $event } })"
          />
        }
      </div>
      @for (p of problems(); track p) {
        <p class="error">{{ p }}</p>
      }
      <details appOpened #finerPoints="opened">
        <summary>Name, simmer, rest, portion, energy, price</summary>
        @if (finerPoints.once()) {
          <div class="line">
            <label class="name" for="dish-name">Dish</label>
            <input id="dish-name" nz-input class="left" maxlength="80" [value]="c.meal.name" (change)="rename($any($event.target))" />
          </div>
          <div class="numbers">
            @for (key of finer; track key) {
              <app-dish-number [of]="key" />
            }
            <span class="name">Portion</span>
            <app-quantity-field
              label="Portion of the dish, 100 % is the packet’s"
              quantity="percent"
              [value]="100 * study.entered().portion"
              [limits]="{ min: 100 * L.appetite.min, max: 100 * L.appetite.max }"
              (valueChange)="change('portion', { portion: $event / 100 })"
            />
          </div>
          <div class="choices">
            <app-choice
              label="Eaten from"
              [options]="vessels"
              [value]="c.meal.vessel"
              (valueChange)="change('vessel', { vessel: $event })"
            />
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
        }
      </details>
    }
  `,
  styleUrl: '../../ui/rows.less',
  styles: `
    input.left {
      width: 100%;
      text-align: left;
    }
    .numbers {
      display: grid;
      grid-template-columns: 4.25rem minmax(0, 1fr) 4.5rem minmax(0, 1fr);
      gap: 0.375rem 0.625rem;
      align-items: center;
      margin: 0.25rem 0;
      @media (max-width: 400px) {
        grid-template-columns: 5.25rem minmax(0, 1fr);
      }
    }
    .wide {
      grid-column: 2 / -1;
      min-width: 0;
    }
    .choices {
      display: flex;
      flex-wrap: wrap;
      gap: 0.375rem 1rem;
    }
  `,
})
export class DishFields {
  protected readonly study = inject(DishStudy);
  private readonly plans = inject(PlanService);
  private readonly units = inject(Units);

  protected readonly words = PART_WORDS;
  protected readonly L = LIMITS;
  protected readonly main = MAIN;
  protected readonly finer = FINER;
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

  /** A way this kit cannot go stays in the list: it says why when it is taken. */
  protected readonly methods = computed(() => {
    const meal = this.study.card()?.meal;
    const { kit } = this.plans.tripHere();
    return METHODS.map((value) => ({
      value,
      label:
        sentenceStart(methodWords(value, this.units)) +
        (meal && methodProblems(kit, withMethod(meal, value)).length ? ' (not on this kit)' : ''),
    }));
  });
  protected readonly problems = computed(() => {
    const meal = this.study.card()?.meal;
    return meal ? methodProblems(this.plans.tripHere().kit, meal).map((p) => methodProblemWords(p, this.units)) : [];
  });
  protected readonly stopAtC = computed(() => {
    const { target } = this.study.entered();
    return target.kind === 'stopAt' ? target.targetC : undefined;
  });

  protected change(what: string, change: Partial<Meal>): void {
    this.study.change(what, (m) => ({ ...m, ...change }));
  }

  protected cook(method: Meal['method']): void {
    this.study.change(methodWords(method, this.units), (m) => withMethod(m, method));
  }

  protected rename(field: HTMLInputElement): void {
    this.change('name', { name: takeName(field, this.study.entered().name) });
  }
}
