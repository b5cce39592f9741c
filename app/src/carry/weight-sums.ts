import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import type { WeightSums } from '@tinder/core/plan';
import { kitDash } from '../charts/kit-dashes';
import { StudyNote } from '../ui/study-note';
import { Units } from '../words/units';
import { KitLines } from './kit-lines-service';

/** What the carried weight of every kit comes to, as it is counted above. */
@Component({
  selector: 'app-weight-sums',
  imports: [StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (service.study.problem()) {
      <app-study-note [study]="service.study" />
    } @else if (sums(); as list) {
      <p role="group" aria-label="carried weight of every kit" [class.stale]="service.stale()" [attr.aria-busy]="service.stale()">
        @for (s of list; track s.id) {
          <span [class.own]="$first">
            @if (s.dash) {
              <svg width="30" height="8" aria-hidden="true"><line x2="30" y1="4" y2="4" [attr.stroke-dasharray]="s.dash" /></svg>
            }
            {{ s.name }} <b>{{ s.value }}</b>{{ s.note }}</span
          >
        }
      </p>
    }
  `,
  styles: `
    :host {
      display: block;
      min-height: 38px;
    }
    p {
      display: flex;
      flex-wrap: wrap;
      gap: 0 14px;
      margin: 0;
      color: var(--ink-quiet);
      font-size: 13px;
      line-height: 19px;
    }
    svg {
      vertical-align: middle;
    }
    line {
      stroke: var(--ink-quiet);
      stroke-width: 1.4;
    }
    b {
      font-weight: 600;
      color: var(--ink);
    }
    .own {
      color: var(--ink);
      font-weight: 600;
    }
    .stale::before {
      content: 'not up to date yet:';
    }
  `,
})
export class WeightSumsLine {
  protected readonly service = inject(KitLines);
  private readonly units = inject(Units);

  protected readonly sums = computed(() => {
    const lines = this.service.lines();
    const by = this.service.counted();
    return lines?.map((l, i) => ({
      id: l.id,
      dash: i > 0 && this.service.shown() ? kitDash(i - 1) : undefined,
      name: l.name,
      value: this.text(l.sums[by], by),
      note: l.mealsMissed > 0 ? `, ${l.mealsMissed} meals cold` : '',
    }));
  });

  /** Grams as they are; products of weight and way by the kilogram, in the walker's unit of distance. */
  private text(sum: number, by: keyof WeightSums): string {
    switch (by) {
      case 'averageG':
      case 'leavingG':
        return this.units.text(sum, 'mass');
      case 'gramDays':
        return `${(sum / 1000).toFixed(1)} kg·days`;
      case 'gramKm':
      case 'gramClimb': {
        const distance = this.units.unit('distance');
        return `${(sum / 1000 / distance.factor).toFixed(0)} kg·${distance.symbol}`;
      }
    }
  }
}
