import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { AdviceService } from '../planning/advice-service';
import { PlanService } from '../planning/plan-service';
import { RiskService } from '../planning/risk-service';
import { Units } from '../words/units';
import { RouterLink } from '@angular/router';
import { WalkStudy } from '../views/walk/walk-study';
import { walkVerdictWords } from '../words/walk-verdict-words';
import { Said } from './said';
import { planProblemWords } from '../words/study-words';
import { measuredWidth } from '../ui/measured-width';
import { fitted, NO_VERDICT, verdictWords, type Segment, type Verdict } from '../words/verdict-words';
import { DayMarker } from '../planning/day-marker';
import { Icon } from '../ui/icon';
import { NzButtonComponent } from 'ng-zorro-antd/button';

/** Narrower than this between its margins it is read on a phone, px. */
const PHONE_PX = 700;
/** Lines that a sentence may take on a phone (on a desk it has one), what the buttons take beside it, and the width of a letter, px. */
const PHONE_LINES = 2;
const PHONE_ACTS_PX = 90;
const ACTS_PX = 280;
const LETTER_PX = { lead: 8.4, second: 6.9 };

/** The verdict at the foot of every view, at one glance, and why where that is asked. Its numbers open their derivation; its advice can be taken with one press. */
@Component({
  selector: 'app-verdict-line',
  imports: [Icon, NzButtonComponent, RouterLink, Said],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="words">
      <p class="lead">
        @if (plans.slow(); as p) {
          <span role="status">Planning: day {{ p.day }} of {{ p.ofDays }}, round {{ p.round }}. </span>
          <button type="button" class="figure" (click)="plans.stop()">Stop</button>
          <span> Until then this is the plan before: </span>
        } @else if (plans.stopped()) {
          <span role="status">Stopped: this is the plan before the last change. </span>
          <button type="button" class="figure" (click)="plans.resume()">Plan it now</button>
          <span> </span>
        }
        @if (plans.failed(); as why) {
          <span role="alert">{{ planProblem(why) }}</span>
          <button type="button" class="figure" (click)="plans.resume()">Try again</button>
          <span>.</span>
        }
        <app-said [segments]="lead()" />
      </p>
      @if (verdict().second.length) {
        <p class="second" [class]="verdict().state">
          @if (verdict().state; as state) {
            <app-icon [name]="state" />
          }
          <span><app-said [segments]="second()" /></span>
        </p>
      }
      <p id="verdict-why" [hidden]="!asked()">
        <app-said [segments]="verdict().why" />
      </p>
    </div>
    <div class="acts">
      @if (elsewhere(); as carry) {
        <button nz-button class="elsewhere" type="button" (click)="marker.goTo(carry.days[0].day)">Show riskiest leg</button>
      }
      @if (walk.underWay() && !onWalk()) {
        <a nz-button routerLink="/walk" [queryParams]="{ side: 'ahead' }">Will it last?</a>
      }
      @if (verdict().why.length) {
        <button
          nz-button
          type="button"
          aria-label="Why, and what next"
          aria-controls="verdict-why"
          [attr.aria-expanded]="asked()"
          (click)="asked.set(!asked())"
        >
          Why
        </button>
      }
    </div>
  `,
  host: { role: 'region', 'aria-label': 'Verdict', '[attr.aria-busy]': 'plans.stale()' },
  styles: `
    :host {
      display: grid;
      grid-template-columns: minmax(0, 1fr) max-content;
      gap: 2px 1.5rem;
      align-items: center;
      box-sizing: border-box;
      min-height: 4.5rem;
      padding: 0.5rem 1.25rem;
      background: var(--verdict-ground);
      color: var(--verdict-ink);
      --ink: var(--verdict-ink);
      --ember: var(--verdict-dots);
    }
    p {
      margin: 0;
      line-height: 1.3;
    }
    .lead {
      font-size: 1.1875rem;
      font-weight: 600;
    }
    .second {
      display: flex;
      gap: 0.5rem;
      font-size: 0.9375rem;
    }
    .second > span {
      white-space: normal;
    }
    .second app-icon {
      flex: none;
      font-size: 1.125rem;
    }
    .tight app-icon,
    .short app-icon {
      color: var(--verdict-dots);
    }
    span {
      white-space: pre-wrap;
    }
    .acts {
      display: flex;
      gap: 0.75rem;
    }
    .acts button,
    .acts a {
      border-color: var(--verdict-ink);
      background: transparent;
      color: var(--verdict-ink);
    }
    @media (max-width: 720px) {
      .elsewhere {
        display: none;
      }
      :host {
        min-height: 4.75rem;
        padding: 0.5rem 0.875rem;
        column-gap: 0.625rem;
        // from the top, so that what is read already stays where it is when more is said
        align-items: start;
      }
      .lead {
        font-size: 1.0625rem;
      }
      .acts button,
      .acts a {
        min-height: 2.75rem;
      }
    }
  `,
})
export class VerdictLine {
  protected readonly plans = inject(PlanService);
  private readonly advice = inject(AdviceService);
  private readonly risk = inject(RiskService);
  protected readonly walk = inject(WalkStudy);
  protected readonly marker = inject(DayMarker);
  private readonly units = inject(Units);

  protected readonly planProblem = planProblemWords;
  /** The walk is looked at: the foot speaks of it though the calendar has not come to the trip. */
  readonly onWalk = input(false);
  private readonly ofWalk = computed(() => this.walk.underWay() || (this.onWalk() && !!this.walk.walking()));
  /** Has the walker asked why? */
  protected readonly asked = signal(false);
  protected readonly verdict = computed((): Verdict => {
    if (this.ofWalk()) {
      const here = this.walk.walking()?.here;
      return here ? walkVerdictWords(here, this.units) : NO_VERDICT;
    }
    const carry = this.plans.carry();
    if (!carry || this.plans.failed()) return NO_VERDICT;
    const advice = this.advice.problem() ? 'unknown' : this.advice.answer();
    return verdictWords(carry, advice, this.risk.riskiest(), this.risk.limit(), this.units);
  });
  /** The riskiest leg, where it is not the one that is looked at. */
  protected readonly elsewhere = computed(() => {
    const riskiest = this.ofWalk() ? undefined : this.risk.riskiest()?.carry;
    return riskiest && riskiest !== this.plans.carry() ? riskiest : undefined;
  });
  private readonly width = measuredWidth(1104);
  protected readonly lead = computed(() => this.fit(this.verdict().lead, 'lead'));
  protected readonly second = computed(() => this.fit(this.verdict().second, 'second'));

  /** As much of a sentence as its line holds. */
  private fit(said: readonly Segment[], line: keyof typeof LETTER_PX): Segment[] {
    const isPhone = this.width() <= PHONE_PX;
    const room = isPhone ? PHONE_LINES * (this.width() - PHONE_ACTS_PX) : this.width() - ACTS_PX;
    return fitted(said, room / LETTER_PX[line]);
  }
}
