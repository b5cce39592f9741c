import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { LIMITS } from '@tinder/core/domain/model';
import type { CarryPlan } from '@tinder/core/planning/planned';
import { NO_MISHAPS, type Mishaps, TRIPS_TRIED } from '@tinder/core/planning/risk';
import { wholeNumber } from '@tinder/core/foundation/units';
import { WorkspaceStore } from '../../store/workspace-store';
import { QuantityField } from '../../ui/quantity-field';
import { StudyNote } from '../../ui/study-note';
import { SwitchField } from '../../ui/switch-field';
import { RiskState } from './risk-state';
import { RiskService } from '../../planning/risk-service';
import { Units } from '../../words/units';
import { riskWords, spreadWords } from '../../words/risk-words';

/** Chances taken where a mishap is switched on (common practice: now and then). */
const SOMETIMES: Mishaps = { slowDay: 0.3, stormDay: 0.15, drinkMore: 0.3 };
const SWITCHES: { key: keyof Mishaps; words: string }[] = [
  { key: 'slowDay', words: 'A day longer, three times in ten' },
  { key: 'stormDay', words: 'Stormy days, 15 in 100' },
  { key: 'drinkMore', words: 'One more drink, three evenings in ten' },
];

/** The risk of running out before the next stop that fills up against the walker's limit; on a press the limit, why, and what else might happen. */
@Component({
  selector: 'app-risk-panel',
  imports: [NzButtonComponent, QuantityField, RiskState, StudyNote, SwitchField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (state(); as said) {
      <app-risk-state [said]="said" [to]="carry().to">
        <button type="button" class="figure" aria-controls="risk-more" [attr.aria-expanded]="asked()" (click)="asked.set(!asked())">
          {{ said.limit }}
        </button>
      </app-risk-state>
      @if (said.more; as words) {
        <p>{{ words }}</p>
      }
      <div id="risk-more" [hidden]="!asked()">
        @if (asked()) {
          <div class="line typed">
            <span>Your limit: chance of running out on one leg</span>
            <app-quantity-field
              label="Your limit: chance of running out on one leg"
              quantity="percent"
              [decimals]="1"
              [value]="store.trip().loadOut.riskLimitPercent"
              [limits]="L.riskLimitPercent"
              (valueChange)="limit($event)"
            />
          </div>
          @for (words of said.why; track $index) {
            <p class="quiet">{{ words }}</p>
          }
          @if (reserveAsked(); as percent) {
            <button nz-button nzSize="small" type="button" (click)="ask(percent)">Set the reserve to {{ percent }} %</button>
            <span class="quiet"> to keep every leg within your limit</span>
          }
          @for (s of switches; track s.key) {
            <app-switch-field [label]="s.words" [value]="risk.mishaps()[s.key] > 0" (valueChange)="toggle(s.key)" />
          }
          <p class="quiet">{{ trips }} trips drawn with the same seed: {{ spreads() }}.</p>
        }
      </div>
    } @else if (risk.drawn.problem()) {
      <app-study-note [study]="risk.drawn" />
    } @else if (carry().fuelG > 0) {
      <p class="quiet waiting">Drawing {{ trips }} trips…</p>
    }
  `,
  styles: `
    :host {
      display: block;
    }
    p {
      margin: 0.25rem 0;
      line-height: 1.35;
    }
    /* as high as the answer, so that nothing below it moves when it comes */
    .waiting {
      min-height: 4.125rem;
    }
    .line {
      display: grid;
      grid-template-columns: minmax(0, 1fr) 4.875rem;
      gap: 0.625rem;
      align-items: center;
      min-height: var(--row, 2.75rem);
    }
    .quiet {
      font-size: 0.875rem;
    }
    app-switch-field {
      display: flex;
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
  /** Has the walker asked for the limit, and why? */
  protected readonly asked = signal(false);
  private readonly ofCarry = computed(() => this.risk.of(this.carry()));
  protected readonly spreads = computed(() => spreadWords(this.units, this.ofCarry()?.factorSd));
  protected readonly state = computed(() => {
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
    this.store.editTrip('your limit of risk', (t) => ({ ...t, loadOut: { ...t.loadOut, riskLimitPercent } }));
  }

  protected ask(reservePercent: number): void {
    this.store.editTripWith('reserve', { reservePercent });
  }

  protected toggle(key: keyof Mishaps): void {
    this.risk.mishaps.update((m) => ({ ...m, [key]: m[key] > 0 ? NO_MISHAPS[key] : SOMETIMES[key] }));
  }
}
