import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { burns, kitInUse } from '@tinder/core/planning/plan';
import type { CarryPlan, Plan } from '@tinder/core/planning/planned';
import { ownContainer } from '@tinder/core/domain/shelf';
import { cookingTimeS } from '@tinder/core/studies/study';
import { tripOnLeg } from '@tinder/core/domain/trail';
import { formatDuration } from '@tinder/core/foundation/units';
import { Figure } from '../ledger/figure';
import { DayMarker } from '../../planning/day-marker';
import { WorkspaceStore } from '../../store/workspace-store';
import { Hint } from '../../ui/hint';
import { Opened } from '../../ui/opened';
import { cautionWords } from '../../words/caution-words';
import { daySpanWords } from '../../words/leg-words';
import { dryCampWords, movesWords } from '../../words/loadout-words';
import { shelfHintWords } from '../../words/own-words';
import { problemWords } from '../../words/problem-words';
import { Units } from '../../words/units';
import { AnswerSums } from './answer-sums';
import { ChoicePanel } from './choice-panel';
import { DinnerMinutes } from './dinner-minutes';
import { LegHeading } from './leg-heading';
import { RiskPanel } from './risk-panel';
import { Savings } from './savings';
import { StaleShelf } from './stale-shelf';

/** The answer for one leg: what leaves the stop and what is left of it, what stands in the way, the risk, the easiest savings; one level deeper why. */
@Component({
  selector: 'app-answer-column',
  imports: [AnswerSums, ChoicePanel, DinnerMinutes, Figure, Hint, LegHeading, Opened, RiskPanel, RouterLink, Savings, StaleShelf],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <app-leg-heading
      [name]="carry().from + ' to ' + carry().to"
      [place]="place()"
      [isFirst]="!before()"
      [isLast]="!after()"
      (turned)="goTo($event < 0 ? before() : after())"
    />
    <app-answer-sums [carry]="carry()" />
    @for (p of carry().problems; track $index) {
      <p class="error problem">{{ problem(p) }}</p>
    }
    @if (carry().gatheredG > 0) {
      <p class="quiet">Gather {{ units.text(carry().gatheredG, 'mass') }} of dry wood on the way. None is carried.</p>
    }
    <app-stale-shelf />
    <app-risk-panel [carry]="carry()" />
    <app-savings />
    <details appOpened #finer="opened">
      <summary>Average weight, stove time, packing</summary>
      @if (finer.once()) {
        <dl>
          <dt appHint="Average carried weight">Average carried weight</dt>
          <dd>{{ units.text(carry().profile.averageG, 'mass') }}</dd>
          <dt appHint="Fuel and containers">Fuel and containers</dt>
          <dd>
            <app-figure
              [text]="units.text(carry().fuelG + carry().tareG, 'mass')"
              [ref]="{ kind: 'loadout', stopId: carry().fromStopId }"
            />
          </dd>
          <dt appHint="Stove time">Stove time</dt>
          <dd>{{ duration(cookingTimeS(carry())) }}</dd>
        </dl>
        @if (moves(); as words) {
          <p>{{ words }}</p>
        }
        @if (shelfHint(); as words) {
          <p>
            <a routerLink="/shelf">{{ words }}</a>
          </p>
        }
        @if (dryCamps(); as words) {
          <p>{{ words }}</p>
        }
        <app-dinner-minutes [carry]="carry()" />
        <app-choice-panel [carry]="carry()" [plan]="plan()" />
      }
    </details>
    @if (carry().cautions.length) {
      <details class="cautions">
        <summary>{{ carry().cautions.length }} {{ carry().cautions.length === 1 ? 'caution' : 'cautions' }} for this kit</summary>
        <ul>
          @for (c of carry().cautions; track c.code) {
            <li>{{ caution(c) }}</li>
          }
        </ul>
      </details>
    }
  `,
  styleUrls: ['./sums.less', './answer-column.less'],
})
export class AnswerColumn {
  protected readonly units = inject(Units);
  private readonly store = inject(WorkspaceStore);
  private readonly marker = inject(DayMarker);
  protected readonly duration = formatDuration;
  protected readonly cookingTimeS = cookingTimeS;
  readonly carry = input.required<CarryPlan>();
  readonly plan = input.required<Plan>();

  private readonly at = computed(() => this.plan().carries.findIndex((c) => c.fromStopId === this.carry().fromStopId));
  protected readonly before = computed((): CarryPlan | undefined => this.plan().carries[this.at() - 1]);
  protected readonly after = computed((): CarryPlan | undefined => this.plan().carries[this.at() + 1]);
  protected readonly place = computed(() => {
    const { days } = this.carry();
    return `Leg ${this.at() + 1} of ${this.plan().carries.length}, ${daySpanWords(days[0].day, days[days.length - 1].day)}`;
  });
  /** Where this trip takes nothing from a shelf that holds what its kit burns. */
  protected readonly shelfHint = computed(() => {
    if (this.store.trip().own.length) return '';
    const { fuel } = kitInUse(tripOnLeg(this.store.trip(), this.carry().fromStop).kit);
    return shelfHintWords(this.store.rack().shelf.filter((c) => burns(fuel, c) && ownContainer(c, 'best')).length);
  });
  protected readonly moves = computed(() => movesWords(this.carry(), this.units));
  protected readonly dryCamps = computed(() => dryCampWords(this.carry(), this.units));

  /** Looks at another leg, from its first day on. */
  protected goTo(carry: CarryPlan | undefined): void {
    if (carry) this.marker.goTo(carry.days[0].day);
  }

  protected caution(caution: CarryPlan['cautions'][number]): string {
    return cautionWords(caution, this.units);
  }

  protected problem(problem: CarryPlan['problems'][number]): string {
    return problemWords(problem, this.units);
  }
}
