import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { CarryPlan } from '@tinder/core/planning/planned';
import { ContainerShape } from '../../charts/container-shape';
import { Figure } from '../ledger/figure';
import { Hint } from '../../ui/hint';
import { containerEnds } from '../../words/container-end-words';
import { containersInWords } from '../../words/container-words';
import { dayCountWords } from '../../words/leg-words';
import { Units } from '../../words/units';

/** What leaves a stop: the starting weight, the containers with what is left in each, and the sum from fuel carried to fuel left. */
@Component({
  selector: 'app-answer-sums',
  imports: [ContainerShape, Figure, Hint],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p class="sum">
      @if (opens()) {
        <app-figure class="big" [text]="startText()" [ref]="{ kind: 'start', stopId: carry().fromStopId }" />
      } @else {
        <span class="big">{{ startText() }}</span>
      }
      <span class="quiet">starting weight, {{ carried() }}</span>
    </p>
    @if (carry().containers.length) {
      <ul aria-label="Containers">
        @for (c of ends(); track $index) {
          <li>
            <app-container-shape [container]="c.container" [kept]="c.kept" [scale]="0.8" />
            <span
              ><b>{{ c.words }}</b> {{ c.end }}</span
            >
          </li>
        }
      </ul>
    }
    <dl>
      <dt appHint="Fuel carried">Fuel carried</dt>
      <dd>{{ units.text(carry().fuelG, 'mass') }}</dd>
      <dt appHint="Fuel need">Fuel need, {{ days() }}</dt>
      <dd>
        −
        @if (opens()) {
          <app-figure [text]="needText()" [ref]="{ kind: 'demand', stopId: carry().fromStopId }" />
        } @else {
          {{ needText() }}
        }
      </dd>
      <dt class="result" appHint="Fuel left on arrival">Fuel left on arrival</dt>
      <dd class="result">{{ units.text(carry().fuelG - carry().demandG, 'mass') }}</dd>
      <dt class="quiet" appHint="Reserve you asked for">Reserve you asked for</dt>
      <dd class="quiet">{{ units.text(carry().reserveG, 'mass') }}</dd>
    </dl>
  `,
  styleUrls: ['./sums.less', './answer-sums.less'],
})
export class AnswerSums {
  protected readonly units = inject(Units);
  readonly carry = input.required<CarryPlan>();
  /** Its figures open their derivation: they are those of the open trip. */
  readonly opens = input(true);

  protected readonly startText = computed(() => this.units.text(this.carry().profile.startG, 'mass'));
  protected readonly needText = computed(() => this.units.text(this.carry().demandG, 'mass'));
  protected readonly days = computed(() => dayCountWords(this.carry().days.length));
  protected readonly carried = computed(() => (this.carry().fuelG > 0 ? containersInWords(this.carry(), this.units) : 'no fuel'));
  protected readonly ends = computed(() => containerEnds(this.carry(), this.units));
}
