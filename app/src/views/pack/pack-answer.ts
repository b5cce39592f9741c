import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { LegHeading } from '../../parts/answer/leg-heading';
import { IGNITION_WORDS_OF } from '../../words/pack-words';
import { Units } from '../../words/units';
import { PackStudy } from './pack-study';
import { Hint } from '../../ui/hint';

/** What leaves a stop, weighed: the starting weight, what it is made of, how much of it is packed, and what to see to. */
@Component({
  selector: 'app-pack-answer',
  imports: [Hint, LegHeading],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (study.list(); as l) {
      <app-leg-heading
        [name]="'Out of ' + l.carry.from"
        [place]="place()"
        [isFirst]="at() === 0"
        [isLast]="at() === study.stops().length - 1"
        (turned)="goTo($event)"
      />
      <p class="sum">
        <span class="big">{{ mass(l.sums.cookingG) }}</span>
        <span class="quiet"
          >starting weight, {{ mass(l.sums.allG) }} with food{{ l.sums.allG > l.sums.withFoodG ? ' and water' : '' }}</span
        >
      </p>
      <dl>
        <dt appHint="Base kit weight">Base kit weight</dt>
        <dd>{{ mass(l.sums.kitG) }}</dd>
        <dt appHint="Containers, empty">Containers, empty</dt>
        <dd>{{ mass(l.sums.dryG - l.sums.kitG) }}</dd>
        <dt>Fuel</dt>
        <dd>{{ mass(l.sums.cookingG - l.sums.dryG) }}</dd>
        <dt class="result" appHint="Starting weight">Starting weight</dt>
        <dd class="result">{{ mass(l.sums.cookingG) }}</dd>
      </dl>
      <p role="status">
        <b>{{ ticked() }}</b>
      </p>
      @if (ignition()) {
        <p>{{ ignition() }}</p>
      }
      <p>Count {{ l.atCampCount }} things when you leave camp.</p>
      @if (l.rubbishG >= 1) {
        <p>Rubbish by the next bin: {{ mass(l.rubbishG) }}.</p>
      }
    }
  `,
  styleUrls: ['../../parts/answer/sums.less', '../../parts/answer/answer-sums.less'],
  styles: `
    p {
      margin: 0.375rem 0;
      line-height: 1.35;
    }
  `,
})
export class PackAnswer {
  protected readonly study = inject(PackStudy);
  private readonly units = inject(Units);

  protected readonly at = computed(() => this.study.stops().findIndex((s) => s.value === this.study.list()?.carry.fromStopId));
  protected readonly place = computed(
    () => `Leg ${this.at() + 1} of ${this.study.stops().length}, to ${this.study.list()?.carry.to ?? ''}`,
  );
  protected readonly ticked = computed(() => {
    const items = this.study.list()?.items ?? [];
    return `${items.filter((i) => this.study.isTicked(i.id)).length} of ${items.length} packed`;
  });
  protected readonly ignition = computed(() => {
    const list = this.study.list();
    return list ? IGNITION_WORDS_OF[list.ignition] : '';
  });

  protected mass(massG: number): string {
    return this.units.text(massG, 'mass');
  }

  protected goTo(by: 1 | -1): void {
    this.study.choose(this.study.stops()[this.at() + by].value);
  }
}
