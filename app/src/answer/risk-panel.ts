import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { LIMITS } from '@tinder/core/model';
import type { CarryPlan } from '@tinder/core/planned';
import { NO_MISHAPS, type Mishaps, TRIPS_TRIED } from '@tinder/core/risk';
import { wholeNumber } from '@tinder/core/units';
import { WorkspaceStore } from '../store/workspace-store';
import { Opened } from '../ui/opened';
import { QuantityField } from '../ui/quantity-field';
import { StudyNote } from '../ui/study-note';
import { Tick } from '../ui/tick';
import { RiskService } from '../planning/risk-service';
import { Units } from '../words/units';
import { riskWords, spreadWords } from '../words/risk-words';

/** Chances taken where a mishap is switched on (common practice: now and then). */
const SOMETIMES: Mishaps = { slowDay: 0.3, stormDay: 0.15, drinkMore: 0.3 };
const SWITCHES: { key: keyof Mishaps; words: string }[] = [
  { key: 'slowDay', words: 'a day longer, three times in ten' },
  { key: 'stormDay', words: 'stormy days, 15 in 100' },
  { key: 'drinkMore', words: 'one more drink, three evenings in ten' },
];

/** The risk of running out before the next stop that fills up, and what else might happen. */
@Component({
  selector: 'app-risk-panel',
  imports: [Opened, QuantityField, StudyNote, Tick],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (lines(); as said) {
      <p [class.over]="over()">
        @for (s of said.slice(0, glance); track $index) {
          <span>{{ s }} </span>
        }
      </p>
      <details appOpened #o="opened">
        <summary>what else might happen, and what I live with</summary>
        @if (o.once()) {
          @for (s of said.slice(glance); track $index) {
            <p class="quiet">{{ s }}</p>
          }
          <div class="limit">
            <span>running out on one carry, at most</span>
            <app-quantity-field
              label="chance of running out on one carry that I live with"
              quantity="percent"
              [decimals]="1"
              [value]="store.trip().loadOut.riskLimitPercent"
              [limits]="L.riskLimitPercent"
              (valueChange)="limit($event)"
            />
          </div>
          @if (reserveAsked(); as percent) {
            <button type="button" class="word-link" (click)="ask(percent)">
              ask for a reserve of {{ percent }} %: it keeps every carry to that
            </button>
          }
          @for (s of switches; track s.key) {
            <label
              ><input type="checkbox" [appTick]="risk.mishaps()[s.key] > 0" (turned)="toggle(s.key)" /> <span>{{ s.words }}</span></label
            >
          }
          <p class="quiet">{{ trips }} trips drawn with the same seed: {{ spreads() }}.</p>
        }
      </details>
    } @else if (risk.drawn.problem()) {
      <app-study-note [study]="risk.drawn" />
    } @else if (carry().fuelG > 0) {
      <p class="quiet waiting">drawing {{ trips }} trips…</p>
    }
  `,
  styles: `
    p {
      margin: 6px 0 0;
      line-height: 1.3;
    }
    /* as high as the answer, so that nothing below it moves when it comes */
    .waiting {
      min-height: 64px;
      @media (max-width: 720px) {
        min-height: 104px;
      }
    }
    .over {
      padding-left: 8px;
      border-left: 3px solid var(--ember-hot);
    }
    summary {
      color: var(--ink-quiet);
      cursor: pointer;
    }
    .limit {
      display: grid;
      grid-template-columns: minmax(0, 1fr) 76px;
      gap: 10px;
      align-items: center;
    }
    .word-link {
      padding: 0;
      border: 0;
      border-bottom: 1px dotted var(--ember);
      background: none;
      color: inherit;
      font: inherit;
      text-align: left;
      cursor: pointer;
    }
    label {
      display: block;
    }
    .quiet {
      font-size: 13px;
    }
  `,
})
export class RiskPanel {
  protected readonly risk = inject(RiskService);
  protected readonly store = inject(WorkspaceStore);
  protected readonly L = LIMITS;
  private readonly units = inject(Units);
  readonly carry = input.required<CarryPlan>();

  protected readonly trips = wholeNumber(TRIPS_TRIED);
  protected readonly switches = SWITCHES;
  /** Sentences that are always seen: how likely, how far apart, and what would do. The others are for those who ask. */
  protected readonly glance = 3;
  private readonly ofCarry = computed(() => this.risk.of(this.carry()));
  protected readonly spreads = computed(() => spreadWords(this.ofCarry()?.factorSd));
  protected readonly over = computed(() => (this.ofCarry()?.runOut ?? 0) > this.risk.limit());
  protected readonly lines = computed(() => {
    const risk = this.ofCarry();
    return risk && riskWords(risk, this.carry(), this.risk.limit(), this.units);
  });

  /** The reserve, in whole per cent, that would keep every carry to the limit; undefined where the present one does. */
  protected readonly reserveAsked = computed(() => {
    const risks = this.risk.risks();
    if (!risks?.some((r) => r && r.runOut > this.risk.limit())) return undefined;
    const most = Math.max(...risks.map((r) => (r ? r.fuelForLimitG / r.meanG - 1 : 0)));
    return Math.min(LIMITS.reservePercent.max, Math.ceil(100 * most) + 1);
  });

  protected limit(riskLimitPercent: number): void {
    this.store.editTrip('the risk I live with', (t) => ({ ...t, loadOut: { ...t.loadOut, riskLimitPercent } }));
  }

  protected ask(reservePercent: number): void {
    this.store.editTripWith('reserve', { reservePercent });
  }

  protected toggle(key: keyof Mishaps): void {
    this.risk.mishaps.update((m) => ({ ...m, [key]: m[key] > 0 ? NO_MISHAPS[key] : SOMETIMES[key] }));
  }
}
