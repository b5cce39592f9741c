import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import {
  CANISTER_SIZES,
  cookedWithin,
  editStop,
  fuelById,
  LIMITS,
  tripOnLeg,
  usesCans,
  WEIGHT_MEASURES,
  type CarryPlan,
  type PinMend,
  type Plan,
  type Stop,
  type WeightMeasure,
} from '@tinder/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { PlanService } from '../state/plan-service';
import { StudyWorker } from '../state/study-worker';
import { answerWhenResting } from '../state/when-resting';
import { WorkspaceStore } from '../state/workspace-store';
import { PickField } from '../ui/pick-field';
import { QuantityField } from '../ui/quantity-field';
import { Units } from '../ui/units';
import { mendWords } from './mend-words';

const MEASURE_WORDS: Record<WeightMeasure, string> = {
  start: 'weight leaving the stops',
  gramDays: 'average over the days',
  gramKm: 'gram-kilometres',
  gramClimb: 'gram-kilometres with ascent',
};

/** How the load-outs are chosen: which weight counts, what money is worth, and what the walker has decided for this stop. */
@Component({
  selector: 'app-choice-panel',
  imports: [NzButtonComponent, PickField, QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <details>
      <summary>how it is chosen{{ stop().pinned ? ', and pinned here' : '' }}</summary>
      <div class="line">
        <app-pick-field label="least" [options]="measures" [value]="store.trip().loadOut.measure" (valueChange)="measure($event)" />
      </div>
      <div class="line typed">
        <span class="name">{{ moneyWords() }}</span>
        <app-quantity-field
          label="grams carried all the way that a unit of money is worth"
          quantity="mass"
          [value]="store.trip().loadOut.gramsPerPrice"
          [limits]="L.gramsPerPrice"
          (valueChange)="worth($event)"
        />
      </div>
      @if (cans()) {
        <fieldset>
          <legend class="name">I buy at {{ stop().name }}</legend>
          @for (s of sizes; track s.netG) {
            <label [for]="'pin-' + s.netG">{{ s.netG }} g cans</label>
            <app-quantity-field
              [fieldId]="'pin-' + s.netG"
              [label]="s.netG + ' g cans to buy here, decided'"
              quantity="count"
              [bare]="true"
              [value]="pinnedCount($index)"
              placeholder="free"
              [limits]="{ min: 0, max: 20 }"
              (valueChange)="pin($index, $event)"
            />
          }
        </fieldset>
      } @else if (unitName(); as unit) {
        <div class="line typed">
          <span class="name">I buy at {{ stop().name }}, in {{ unit }}</span>
          <app-quantity-field
            [label]="unit + ' to buy here, decided'"
            quantity="count"
            [bare]="true"
            [value]="pinnedUnits()"
            placeholder="free"
            [limits]="{ min: 0, max: 2000 }"
            (valueChange)="pinUnits($event)"
          />
        </div>
      }
      @if (stop().pinned) {
        <button nz-button class="word" type="button" (click)="unpin()">let it be chosen again</button>
      }
      @if (pinWords(); as words) {
        <p>{{ words }}</p>
      }
      @if (mends(); as list) {
        <p class="quiet">The nearest plans that hold:</p>
        <ul>
          @for (m of list; track $index) {
            <li>
              <button nz-button class="word" type="button" (click)="mend(m)">{{ m.words }}</button>
              <span class="quiet">{{ m.weight }}</span>
            </li>
          }
        </ul>
      }
      @if (fuelKind() === 'alcohol') {
        <label class="leak">
          <input type="checkbox" [checked]="store.trip().loadOut.leakProof" (change)="leakProof(!store.trip().loadOut.leakProof)" />
          any one bottle may leak and the rest still lasts
        </label>
      }
      @if (leakWords(); as words) {
        <p class="quiet">{{ words }}</p>
      }
      <p class="quiet">
        Average over the days is the start: it counts what is on the back every morning, so that a part-used can carried on is seen, which
        the weight at the stops alone is not.
        {{ plan().exact ? '' : 'On a trip this long the best of a search is shown; a lighter one may exist.' }}
      </p>
    </details>
  `,
  styleUrl: './panel.less',
  styles: `
    summary {
      margin-top: 6px;
      color: var(--ink-quiet);
      cursor: pointer;
    }
    .line.typed {
      grid-template-columns: minmax(0, 1fr) 64px;
    }
    fieldset {
      display: grid;
      grid-template-columns: minmax(0, 1fr) 64px;
      gap: 2px 10px;
      margin: 4px 0 0;
      padding: 0;
      border: 0;
    }
    legend {
      margin: 0;
      padding: 0;
      border: 0;
      font: inherit;
    }
    ul {
      margin: 0;
      padding: 0;
      list-style: none;
    }
    .leak {
      display: block;
      margin-top: 4px;
    }
    p {
      margin: 4px 0;
      font-size: 13px;
      line-height: 1.3;
    }
  `,
})
export class ChoicePanel {
  protected readonly store = inject(WorkspaceStore);
  private readonly units = inject(Units);
  private readonly plans = inject(PlanService);
  private readonly worker = inject(StudyWorker).worker;
  readonly carry = input.required<CarryPlan>();
  readonly plan = input.required<Plan>();

  protected readonly L = LIMITS;
  protected readonly sizes = CANISTER_SIZES;
  protected readonly measures = WEIGHT_MEASURES.map((value) => ({ value, label: MEASURE_WORDS[value] }));
  protected readonly stop = computed((): Stop => this.store.trip().stops[this.carry().fromStop] ?? this.store.trip().stops[0]);
  protected readonly cans = computed(() => usesCans(this.kit()));
  private readonly kit = computed(() => tripOnLeg(this.store.trip(), this.carry().fromStop).kit);
  protected readonly fuelKind = computed(() => fuelById(this.kit().fuelId).kind);
  /** What it is bought in, where it is counted; undefined where nothing can be decided here. */
  protected readonly unitName = computed(
    () => ({ tablet: 'tablets', alcohol: 'measures', liquid: 'steps of 10 mL' })[this.fuelKind() as string],
  );
  protected readonly moneyWords = computed(() => `one ${this.units.unit('price').symbol} is worth carrying, all the way`);
  protected readonly pinnedUnits = computed(() => {
    const { pinned } = this.stop();
    return pinned?.kind === 'units' ? pinned.count : null;
  });
  protected readonly pinWords = computed(() => {
    const { pinCost, pinTooSmall } = this.plan();
    if (pinTooSmall) {
      const short = this.units.text(pinTooSmall.needG - pinTooSmall.mostG, 'mass');
      return `What is pinned is ${short} too little out of ${pinTooSmall.stop}: the pins are not followed. Buy more, or let it be chosen.`;
    }
    if (!pinCost) return '';
    const weight = Math.abs(pinCost.meanG) < 0.5 ? 'no weight' : `${this.units.text(pinCost.meanG, 'mass')} carried all the way`;
    const money =
      Math.abs(pinCost.price) < 0.005
        ? ''
        : ` and ${this.units.text(Math.abs(pinCost.price), 'price')} ${pinCost.price > 0 ? 'more' : 'less'}`;
    return `What is pinned costs ${weight}${money}, against the best without it.`;
  });

  /** What any one leak would leave, of several bottles or one. */
  protected readonly leakWords = computed(() => {
    const { containers, days, fuelG } = this.carry();
    if (this.fuelKind() !== 'alcohol' || !containers.length) return '';
    const leftG = fuelG - Math.max(...containers.map((c) => c.fuelG));
    const all = cookedWithin(days, fuelG);
    return `If one bottle leaks, ${this.units.text(leftG, 'mass')} are left: ${cookedWithin(days, leftG)} of ${all} hot meals.`;
  });
  private readonly asked = answerWhenResting(
    () => {
      const planned = this.plans.current();
      return planned?.plan.pinTooSmall ? { planned, rack: this.store.rack() } : undefined;
    },
    ({ planned, rack }) => this.worker.mends(rack, planned.trip, planned.plan),
  );
  /** Ways out where what is pinned is too little; undefined where it is not. */
  protected readonly mends = computed(() => {
    const found = this.plan().pinTooSmall && this.asked.fresh() ? this.asked.last()?.answer : undefined;
    return found?.map((m) => ({ ...m, words: mendWords(m.kind), weight: `${this.units.text(m.averageG, 'mass')} on average` }));
  });

  protected mend({ trip, kind }: PinMend): void {
    this.store.editTrip(mendWords(kind), () => trip);
  }

  protected leakProof(leakProof: boolean): void {
    this.store.editTrip('bottles against a leak', (t) => ({ ...t, loadOut: { ...t.loadOut, leakProof } }));
  }

  protected pinnedCount(size: number): number | null {
    const { pinned } = this.stop();
    return pinned?.kind === 'cans' ? pinned.counts[size] : null;
  }

  protected measure(measure: WeightMeasure): void {
    this.store.editTrip('which weight counts', (t) => ({ ...t, loadOut: { ...t.loadOut, measure } }));
  }

  protected worth(gramsPerPrice: number): void {
    this.store.editTrip('what money is worth', (t) => ({ ...t, loadOut: { ...t.loadOut, gramsPerPrice } }));
  }

  protected pin(size: number, count: number): void {
    const { pinned } = this.stop();
    const counts = this.sizes.map((_, k) => (k === size ? Math.round(count) : pinned?.kind === 'cans' ? pinned.counts[k] : 0));
    this.decide({ kind: 'cans', counts });
  }

  protected pinUnits(count: number): void {
    this.decide({ kind: 'units', count: Math.round(count) });
  }

  protected unpin(): void {
    this.decide(null);
  }

  private decide(pinned: Stop['pinned']): void {
    const at = this.carry().fromStop;
    this.store.editTrip(pinned ? 'pin a purchase' : 'let it be chosen', (t) => editStop(t, at, { pinned }));
  }
}
