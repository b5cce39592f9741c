import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import type { Plan, Trip } from '@tinder/core';
import { containerWords } from '../ledger/derivation';
import { Figure } from '../ledger/figure';
import { Units } from '../ui/units';
import { cautionWords } from './caution-words';
import { ContainerShape } from './container-shape';
import { problemWords } from './problem-words';

/** What leaves the stop: containers as shapes, their sum, and what stands in the way. */
@Component({
  selector: 'app-loadout-panel',
  imports: [ContainerShape, Figure],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 class="sign">out of {{ trip().leg.from }}</h2>
    <p class="sum">
      <app-figure class="big" [text]="units.text(plan().profile.startG, 'mass')" [ref]="{ kind: 'start' }" />
      <span class="quiet">carried to cook with</span>
    </p>
    <ul class="shapes" aria-label="containers">
      @for (c of plan().containers; track $index) {
        <li>
          <app-container-shape [container]="c" />
          <span class="quiet">{{ words(c) }}</span>
        </li>
      } @empty {
        <li class="quiet">No fuel: nothing hot is planned.</li>
      }
    </ul>
    <dl>
      <dt>to burn</dt>
      <dd><app-figure [text]="units.text(plan().demandG, 'mass')" [ref]="{ kind: 'demand' }" /></dd>
      <dt>reserve asked</dt>
      <dd>{{ units.text(plan().reserveG, 'mass') }}</dd>
      <dt>fuel and containers</dt>
      <dd><app-figure [text]="units.text(plan().fuelG + plan().tareG, 'mass')" [ref]="{ kind: 'loadout' }" /></dd>
      <dt>left on arrival</dt>
      <dd>{{ units.text(plan().fuelG - plan().demandG, 'mass') }}</dd>
      <dt>average load</dt>
      <dd>{{ units.text(plan().profile.averageG, 'mass') }}</dd>
    </dl>
    @for (p of plan().problems; track $index) {
      <p class="error problem">{{ problem(p) }}</p>
    }
    @if (plan().gatheredG > 0) {
      <p class="quiet">{{ units.text(plan().gatheredG, 'mass') }} of dry wood to gather on the way; none is carried.</p>
    }
    @if (plan().cautions.length) {
      <details>
        <summary>{{ plan().cautions.length }} {{ plan().cautions.length === 1 ? 'caution' : 'cautions' }} for this kit</summary>
        <ul class="cautions">
          @for (c of plan().cautions; track c.code) {
            <li>{{ caution(c) }}</li>
          }
        </ul>
      </details>
    }
  `,
  styleUrls: ['./panel.less', './loadout-panel.less'],
})
export class LoadoutPanel {
  protected readonly units = inject(Units);
  readonly plan = input.required<Plan>();
  readonly trip = input.required<Trip>();

  protected words(container: Plan['containers'][number]): string {
    return containerWords(container, (v, q, d) => this.units.text(v, q, d));
  }

  protected caution(caution: Plan['cautions'][number]): string {
    return cautionWords(caution, this.units);
  }

  protected problem(problem: Plan['problems'][number]): string {
    return problemWords(problem, this.units);
  }
}
