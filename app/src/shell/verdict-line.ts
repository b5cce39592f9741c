import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { AdviceService } from '../planning/advice-service';
import { PlanService } from '../planning/plan-service';
import { RiskService } from '../planning/risk-service';
import { Units } from '../words/units';
import { Said } from './said';
import { planProblemWords } from '../words/study-words';
import { measuredWidth } from '../ui/measured-width';
import { fitted, verdictWords, type Verdict } from '../words/verdict-words';

/** Narrower than this between its margins it is read on a phone, px. */
const PHONE_PX = 700;
/** Lines it may take, what the word "why" and its gap take of each, and a letter's width with what a line's end wastes, px. */
const ROOM = {
  desk: { lines: 2, whyPx: 176, letterPx: 7.1 },
  phone: { lines: 3, whyPx: 45, letterPx: 7 },
};

/** The verdict at the foot of every view, at one glance, and why where that is asked. Its numbers open their derivation; its advice can be taken with one press. */
@Component({
  selector: 'app-verdict-line',
  imports: [Said],
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
      <app-said [segments]="said()" />
    </p>
    @if (verdict().why.length) {
      <button
        type="button"
        class="ask"
        aria-label="why, and what next"
        aria-controls="verdict-why"
        [attr.aria-expanded]="asked()"
        (click)="asked.set(!asked())"
      >
        why<span class="room">, and what next</span>
      </button>
      <p id="verdict-why" [hidden]="!asked()">
        <app-said [segments]="verdict().why" />
      </p>
    }
  `,
  host: { role: 'region', 'aria-label': 'Verdict', '[attr.aria-busy]': 'plans.stale()' },
  styles: `
    :host {
      display: grid;
      grid-template-columns: minmax(0, 1fr) max-content;
      gap: 2px 20px;
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
    #verdict-why {
      grid-column: 1 / -1;
    }
    span {
      white-space: pre-wrap;
    }
    .ask {
      padding: 4px 0;
      border: 0;
      background: none;
      color: var(--verdict-quiet);
      font: inherit;
      font-size: 15px;
      cursor: pointer;
    }
    @media (max-width: 720px) {
      :host {
        min-height: 76px;
        padding: 8px 14px;
        column-gap: 10px;
        // from the top, so that what is read already stays where it is when more is said
        align-items: start;
      }
      p {
        font-size: 15px;
      }
      .ask {
        align-self: center;
        min-height: 44px;
      }
      .room {
        display: none;
      }
    }
  `,
})
export class VerdictLine {
  protected readonly plans = inject(PlanService);
  private readonly advice = inject(AdviceService);
  private readonly risk = inject(RiskService);
  private readonly units = inject(Units);

  protected readonly planProblem = planProblemWords;
  /** Has the walker asked why? */
  protected readonly asked = signal(false);
  protected readonly verdict = computed((): Verdict => {
    const carry = this.plans.carry();
    if (!carry || this.plans.failed()) return { said: [], why: [] };
    // at first the risk stands before the advice in the sentence, and comes after it: what is read already would move
    const advice = this.hasDrawn() ? this.advice.answer() : undefined;
    return verdictWords(carry, this.advice.problem() ? 'unknown' : advice, this.risk.tightest(), this.units);
  });
  /** The risk was drawn once, or will not be. */
  private hasDrawn(): boolean {
    const { drawn } = this.risk;
    return drawn.last() !== undefined || drawn.problem() !== undefined || drawn.stopped();
  }
  private readonly width = measuredWidth(1104);
  protected readonly said = computed(() => {
    const { lines, whyPx, letterPx } = this.width() > PHONE_PX ? ROOM.desk : ROOM.phone;
    return fitted(this.verdict().said, (lines * (this.width() - whyPx)) / letterPx);
  });
}
