import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { CAN_PACKAGE_IDS, PACKAGES, WEIGHT_MEASURES, type CanPackageId, type WeightMeasure } from '@tinder/core/domain/carry';
import { usesCans } from '@tinder/core/domain/catalogue';
import { fuelById } from '@tinder/core/physics/fuel';
import { LIMITS, type Stop } from '@tinder/core/domain/model';
import type { CarryPlan, Plan } from '@tinder/core/planning/planned';
import type { PinMend } from '@tinder/core/studies/study';
import { editStop, tripOnLeg } from '@tinder/core/domain/trail';
import { PlanService } from '../../planning/plan-service';
import { RESTING, study } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { WorkspaceStore } from '../../store/workspace-store';
import { Opened } from '../../ui/opened';
import { PickField } from '../../ui/pick-field';
import { QuantityField } from '../../ui/quantity-field';
import { StudyNote } from '../../ui/study-note';
import { Tick } from '../../ui/tick';
import { leakWords, MEASURE_WORDS, pinUnitWords, pinWords } from '../../words/load-choice-words';
import { Units } from '../../words/units';
import { pinMendWords } from '../../words/pin-mend-words';

/** How the load-outs are chosen: which weight counts, what money is worth, and what the walker has decided for this stop. */
@Component({
  selector: 'app-choice-panel',
  imports: [NzButtonComponent, Opened, PickField, QuantityField, StudyNote, Tick],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <details appOpened #o="opened">
      <summary>How it is chosen{{ stop().pinned ? ', and pinned here' : '' }}</summary>
      @if (o.once()) {
        <div class="line">
          <app-pick-field label="Least" [options]="measures" [value]="store.trip().loadOut.measure" (valueChange)="measure($event)" />
        </div>
        <div class="line typed">
          <span class="name">{{ moneyWords() }}</span>
          <app-quantity-field
            label="Grams carried all the way that a unit of money is worth"
            quantity="mass"
            [value]="store.trip().loadOut.gramsPerPrice"
            [limits]="L.gramsPerPrice"
            (valueChange)="worth($event)"
          />
        </div>
        @if (cans()) {
          <fieldset>
            <legend class="name">I buy at {{ stop().name }}</legend>
            @for (s of sizes; track s.id) {
              <label [for]="'pin-' + s.netG">{{ s.netG }} g canisters</label>
              <app-quantity-field
                [fieldId]="'pin-' + s.netG"
                [label]="s.netG + ' g canisters to buy here, decided'"
                quantity="count"
                [bare]="true"
                [value]="pinnedCount(s.id)"
                placeholder="free"
                [limits]="L.pinnedCans"
                (valueChange)="pin(s.id, $event)"
              />
            }
          </fieldset>
        } @else if (unitName(); as unit) {
          <div class="line typed">
            <span class="name">Buy at {{ stop().name }}, in {{ unit }}</span>
            <app-quantity-field
              [label]="unit + ' to buy here, decided'"
              quantity="count"
              [bare]="true"
              [value]="pinnedUnits()"
              placeholder="free"
              [limits]="L.pinnedUnits"
              (valueChange)="pinUnits($event)"
            />
          </div>
        }
        @if (stop().pinned) {
          <button nz-button nzSize="small" type="button" (click)="unpin()">Choose for me again</button>
        }
        @if (pinWords(); as words) {
          <p>{{ words }}</p>
        }
        <app-study-note [study]="asked" />
        @if (mends(); as list) {
          <p class="quiet">The nearest plans that last:</p>
          <ul>
            @for (m of list; track $index) {
              <li>
                <button nz-button nzSize="small" type="button" (click)="mend(m)">{{ m.words }}</button>
                <span class="quiet">{{ m.weight }}</span>
              </li>
            }
          </ul>
        }
        @if (fuelKind() === 'alcohol') {
          <label class="leak">
            <input type="checkbox" [appTick]="store.trip().loadOut.leakProof" (turned)="leakProof(!store.trip().loadOut.leakProof)" />
            Any one bottle may leak and the rest is still enough
          </label>
        }
        @if (leakWords(); as words) {
          <p class="quiet">{{ words }}</p>
        }
        <p class="quiet">
          New trips count the average over the days: what you carry every morning, part-used canisters included.
          {{ plan().exact ? '' : 'This trip is too long to try everything: a slightly lighter choice may exist.' }}
        </p>
      }
    </details>
  `,
  styleUrl: '../../ui/rows.less',
  styles: `
    .line.typed {
      grid-template-columns: minmax(0, 1fr) 4.75rem;
    }
    fieldset {
      display: grid;
      grid-template-columns: minmax(0, 1fr) 4.75rem;
      gap: 2px 0.625rem;
      margin: 0.25rem 0 0;
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
      margin-top: 0.25rem;
    }
    p {
      margin: 0.25rem 0;
      font-size: 0.8125rem;
      line-height: 1.3;
    }
  `,
})
export class ChoicePanel {
  protected readonly store = inject(WorkspaceStore);
  private readonly units = inject(Units);
  private readonly plans = inject(PlanService);
  private readonly worker = inject(StudyWorker);
  readonly carry = input.required<CarryPlan>();
  readonly plan = input.required<Plan>();

  protected readonly L = LIMITS;
  protected readonly sizes = CAN_PACKAGE_IDS.map((id) => ({ id, netG: PACKAGES[id].netG }));
  protected readonly measures = WEIGHT_MEASURES.map((value) => ({ value, label: MEASURE_WORDS[value] }));
  protected readonly stop = computed(
    (): Stop => this.store.trip().stops.find((s) => s.id === this.carry().fromStopId) ?? this.store.trip().stops[0],
  );
  /** The leg after that stop, in the trip as it is now. */
  private readonly leg = computed(() => Math.max(0, this.store.trip().stops.indexOf(this.stop())));
  protected readonly cans = computed(() => usesCans(this.kit()));
  private readonly kit = computed(() => tripOnLeg(this.store.trip(), this.leg()).kit);
  protected readonly fuelKind = computed(() => fuelById(this.kit().fuelId).kind);
  /** What it is bought in, where it is counted; undefined where nothing can be decided here. */
  protected readonly unitName = computed(() => pinUnitWords(this.fuelKind()));
  protected readonly moneyWords = computed(() => `one ${this.units.unit('price').symbol} is worth carrying, all the way`);
  protected readonly pinnedUnits = computed(() => {
    const { pinned } = this.stop();
    return pinned?.kind === 'units' ? pinned.count : null;
  });
  protected readonly pinWords = computed(() => pinWords(this.plan(), this.units));
  /** What any one leak would leave, of several bottles or one. */
  protected readonly leakWords = computed(() => leakWords(this.carry(), this.units));
  protected readonly asked = study(
    RESTING,
    () => {
      const planned = this.plans.current();
      return planned?.plan.pinTooSmall ? { planned, rack: this.store.rack() } : undefined;
    },
    ({ planned: { trip, plan }, rack }, run) => this.worker.ask('mends', { rack, trip, plan }, undefined, run),
  );
  /** Ways out where what is pinned is too little; undefined where it is not. */
  protected readonly mends = computed(() => {
    const found = this.plan().pinTooSmall && this.asked.fresh() ? this.asked.last()?.answer : undefined;
    return found?.map((m) => ({ ...m, words: pinMendWords(m.kind), weight: `${this.units.text(m.averageG, 'mass')} on average` }));
  });

  protected mend({ trip, kind }: PinMend): void {
    this.store.editTrip(pinMendWords(kind), () => trip);
  }

  protected leakProof(leakProof: boolean): void {
    this.store.editTrip('bottles against a leak', (t) => ({ ...t, loadOut: { ...t.loadOut, leakProof } }));
  }

  protected pinnedCount(id: CanPackageId): number | null {
    const { pinned } = this.stop();
    return pinned?.kind === 'cans' ? (pinned.counts[id] ?? 0) : null;
  }

  protected measure(measure: WeightMeasure): void {
    this.store.editTrip('which weight counts', (t) => ({ ...t, loadOut: { ...t.loadOut, measure } }));
  }

  protected worth(gramsPerPrice: number): void {
    this.store.editTrip('what money is worth', (t) => ({ ...t, loadOut: { ...t.loadOut, gramsPerPrice } }));
  }

  protected pin(id: CanPackageId, count: number): void {
    const { pinned } = this.stop();
    const counts = pinned?.kind === 'cans' ? pinned.counts : {};
    this.decide({ kind: 'cans', counts: { ...counts, [id]: Math.round(count) } });
  }

  protected pinUnits(count: number): void {
    this.decide({ kind: 'units', count: Math.round(count) });
  }

  protected unpin(): void {
    this.decide(null);
  }

  private decide(pinned: Stop['pinned']): void {
    const { fromStopId } = this.carry();
    this.store.editTrip(pinned ? 'pin a purchase' : 'let it be chosen', (t) => editStop(t, fromStopId, { pinned }));
  }
}
