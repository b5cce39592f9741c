import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { NO_MISHAPS, type CarryPlan, type Mishaps } from '@tinder/core';
import { PlanService } from '../state/plan-service';
import { RISK_LIMIT, RiskService } from '../state/risk-service';
import { answerWhenResting } from '../state/when-resting';
import { Units } from '../ui/units';
import { riskWords } from './risk-words';

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
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (lines(); as said) {
      <p [class.over]="over()">
        @for (s of said; track $index) {
          <span>{{ s }} </span>
        }
      </p>
      <details>
        <summary>what else might happen</summary>
        @for (s of switches; track s.key) {
          <label
            ><input type="checkbox" [checked]="risk.mishaps()[s.key] > 0" (change)="toggle(s.key)" /> <span>{{ s.words }}</span></label
          >
        }
        <p class="quiet">
          10,000 trips drawn with the same seed: water ±3 °C, air ±4 °C or more, quantity ±5 %, wind a class down, as forecast or up (25,
          50, 25 in 100).
        </p>
      </details>
    } @else if (carry().fuelG > 0) {
      <p class="quiet">drawing 10,000 trips…</p>
    }
  `,
  styles: `
    p {
      margin: 6px 0 0;
      line-height: 1.3;
    }
    .over {
      padding-left: 8px;
      border-left: 3px solid var(--ember-hot);
    }
    summary {
      color: var(--ink-quiet);
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
  private readonly plans = inject(PlanService);
  private readonly units = inject(Units);
  readonly carry = input.required<CarryPlan>();

  protected readonly switches = SWITCHES;
  private readonly risks = answerWhenResting(
    () => {
      const planned = this.plans.current();
      return planned && { planned, mishaps: this.risk.mishaps() };
    },
    ({ planned, mishaps }) => this.risk.risks(planned, mishaps),
  );
  /** Of this carry; undefined while it is worked out, and where nothing can run out: never one of an older plan. */
  private readonly ofCarry = computed(() => {
    const found = this.risks.fresh() ? this.risks.last() : undefined;
    return found?.answer[found.of.planned.plan.carries.indexOf(this.carry())];
  });
  protected readonly over = computed(() => (this.ofCarry()?.runOut ?? 0) > RISK_LIMIT);
  protected readonly lines = computed(() => {
    const risk = this.ofCarry();
    return risk && riskWords(risk, this.carry(), this.units);
  });

  protected toggle(key: keyof Mishaps): void {
    this.risk.mishaps.update((m) => ({ ...m, [key]: m[key] > 0 ? NO_MISHAPS[key] : SOMETIMES[key] }));
  }
}
