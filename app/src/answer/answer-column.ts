import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { burns, kitInUse } from '@tinder/core/plan';
import type { CarryPlan, Plan } from '@tinder/core/planned';
import { ownContainer } from '@tinder/core/shelf';
import { cookingTimeS } from '@tinder/core/study';
import { tripOnLeg } from '@tinder/core/trail';
import { formatDuration } from '@tinder/core/units';
import { WorkspaceStore } from '../store/workspace-store';
import { containerWords } from '../words/container-words';
import { dryCampWords, movesWords } from '../words/loadout-words';
import { Figure } from '../ledger/figure';
import { Units } from '../words/units';
import { cautionWords } from '../words/caution-words';
import { ChoicePanel } from './choice-panel';
import { ContainerShape } from '../charts/container-shape';
import { problemWords } from '../words/problem-words';
import { shelfHintWords } from '../words/own-words';
import { NextGram } from './next-gram';
import { RiskPanel } from './risk-panel';
import { StaleShelf } from './stale-shelf';
import { Hint } from '../ui/hint';

/** The answer, beside whatever moves it: what leaves the stop as shapes, its sums, what stands in the way, the risk, and where the next gram is. */
@Component({
  selector: 'app-answer-column',
  imports: [ChoicePanel, ContainerShape, Figure, Hint, NextGram, RiskPanel, RouterLink, StaleShelf],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 class="sign">out of {{ carry().from }}</h2>
    <p class="sum">
      <app-figure class="big" [text]="units.text(carry().profile.startG, 'mass')" [ref]="{ kind: 'start', stopId: carry().fromStopId }" />
      <span class="quiet">to cook with as far as {{ carry().to }}, day {{ carry().days[carry().days.length - 1].day }}</span>
    </p>
    <ul class="shapes" aria-label="containers">
      @for (c of carry().containers; track $index) {
        <li>
          <app-container-shape [container]="c" />
          <span class="quiet">{{ words(c) }}</span>
        </li>
      } @empty {
        <li class="quiet">No fuel: nothing hot is planned.</li>
      }
    </ul>
    <dl>
      <dt appHint="to burn">to burn</dt>
      <dd><app-figure [text]="units.text(carry().demandG, 'mass')" [ref]="{ kind: 'demand', stopId: carry().fromStopId }" /></dd>
      <dt appHint="reserve asked">reserve asked</dt>
      <dd>{{ units.text(carry().reserveG, 'mass') }}</dd>
      <dt appHint="fuel and containers">fuel and containers</dt>
      <dd>
        <app-figure [text]="units.text(carry().fuelG + carry().tareG, 'mass')" [ref]="{ kind: 'loadout', stopId: carry().fromStopId }" />
      </dd>
      <dt appHint="left on arrival">left on arrival</dt>
      <dd>{{ units.text(carry().fuelG - carry().demandG, 'mass') }}</dd>
      <dt appHint="average load">average load</dt>
      <dd>{{ units.text(carry().profile.averageG, 'mass') }}</dd>
      <dt appHint="at the stove">at the stove</dt>
      <dd>{{ duration(cookingTimeS(carry())) }}</dd>
    </dl>
    @if (moves(); as words) {
      <p class="moves">{{ words }}</p>
    }
    @if (shelfHint(); as words) {
      <p class="hint">
        <a routerLink="/shelf">{{ words }}</a>
      </p>
    }
    <app-stale-shelf />
    @if (dryCamps(); as words) {
      <p class="quiet">{{ words }}</p>
    }
    @for (p of carry().problems; track $index) {
      <p class="error problem">{{ problem(p) }}</p>
    }
    @if (carry().gatheredG > 0) {
      <p class="quiet">{{ units.text(carry().gatheredG, 'mass') }} of dry wood to gather on the way; none is carried.</p>
    }
    <app-risk-panel [carry]="carry()" />
    <app-next-gram />
    <app-choice-panel [carry]="carry()" [plan]="plan()" />
    @if (carry().cautions.length) {
      <details>
        <summary>{{ carry().cautions.length }} {{ carry().cautions.length === 1 ? 'caution' : 'cautions' }} for this kit</summary>
        <ul class="cautions">
          @for (c of carry().cautions; track c.code) {
            <li>{{ caution(c) }}</li>
          }
        </ul>
      </details>
    }
  `,
  styleUrls: ['../ui/rows.less', './answer-column.less'],
})
export class AnswerColumn {
  protected readonly units = inject(Units);
  protected readonly duration = formatDuration;
  protected readonly cookingTimeS = cookingTimeS;
  readonly carry = input.required<CarryPlan>();
  readonly plan = input.required<Plan>();

  private readonly store = inject(WorkspaceStore);

  /** Where this trip takes nothing from a shelf that holds what its kit burns. */
  protected readonly shelfHint = computed(() => {
    if (this.store.trip().own.length) return '';
    const { fuel } = kitInUse(tripOnLeg(this.store.trip(), this.carry().fromStop).kit);
    return shelfHintWords(this.store.rack().shelf.filter((c) => burns(fuel, c) && ownContainer(c, 'best')).length);
  });

  protected readonly moves = computed(() => movesWords(this.carry(), this.units));
  protected readonly dryCamps = computed(() => dryCampWords(this.carry(), this.units));

  protected words(container: CarryPlan['containers'][number]): string {
    return containerWords(container, (v, q, d) => this.units.text(v, q, d));
  }

  protected caution(caution: CarryPlan['cautions'][number]): string {
    return cautionWords(caution, this.units);
  }

  protected problem(problem: CarryPlan['problems'][number]): string {
    return problemWords(problem, this.units);
  }
}
