import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import type { Change } from '@tinder/core/study';
import { Figure } from '../ledger/figure';
import { AdviceService } from '../planning/advice-service';
import { PlanService } from '../planning/plan-service';
import { RiskService } from '../planning/risk-service';
import { WorkspaceStore } from '../store/workspace-store';
import { Units } from '../words/units';
import { planProblemWords } from '../words/study-words';
import { changeWords, verdictWords } from '../words/verdict-words';

/** The verdict at the foot of every view. Its numbers open their derivation; its advice can be taken with one press. */
@Component({
  selector: 'app-verdict-line',
  imports: [Figure],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p>
      @if (plans.slow(); as p) {
        <span role="status">Planning: day {{ p.day }} of {{ p.ofDays }}, round {{ p.round }}. </span>
        <button type="button" class="figure" (click)="plans.stop()">stop</button>
        <span> Until then this is the plan before: </span>
      } @else if (plans.stopped()) {
        <span role="status">Stopped: this is the plan before the last change. </span>
        <button type="button" class="figure" (click)="plans.resume()">plan it now</button>
        <span> </span>
      }
      @if (plans.failed(); as why) {
        <span role="alert">{{ planProblem(why) }}</span>
        <button type="button" class="figure" (click)="plans.resume()">try again</button>
        <span>.</span>
      }
      @for (s of segments(); track $index) {
        @if (s.ref; as ref) {
          <app-figure [ref]="ref" [text]="s.text" />
        } @else if (s.change; as change) {
          <button type="button" class="figure" [attr.aria-label]="s.text + ', do it'" (click)="adopt(change)">{{ s.text }}</button>
        } @else {
          <span>{{ s.text }}</span>
        }
      }
    </p>
  `,
  host: { role: 'region', 'aria-label': 'Verdict', '[attr.aria-busy]': 'plans.stale()' },
  styles: `
    :host {
      display: flex;
      align-items: center;
      box-sizing: border-box;
      min-height: 64px;
      padding: 8px var(--margin) 8px calc(var(--nav-width) + var(--gutter));
      background: var(--verdict-ground);
      color: var(--verdict-ink);
      --ink: var(--verdict-ink);
      --ember: var(--verdict-dots);
    }
    p {
      margin: 0;
      font-size: 17px;
      line-height: 1.3;
    }
    span {
      white-space: pre-wrap;
    }
    @media (max-width: 720px) {
      :host {
        align-items: flex-start;
        min-height: 116px;
        padding: 8px 14px;
      }
      p {
        font-size: 15px;
      }
    }
  `,
})
export class VerdictLine {
  protected readonly plans = inject(PlanService);
  private readonly store = inject(WorkspaceStore);
  private readonly advice = inject(AdviceService);
  private readonly risk = inject(RiskService);
  private readonly units = inject(Units);

  protected readonly planProblem = planProblemWords;
  protected readonly segments = computed(() => {
    const carry = this.plans.carry();
    if (!carry || this.plans.failed()) return [];
    return verdictWords(carry, this.advice.problem() ? 'unknown' : this.advice.answer(), this.risk.tightest(), this.units);
  });

  protected adopt(change: Change): void {
    this.store.editTrip(changeWords(change), () => change.trip);
  }
}
