import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { isCooked, type CarryPlan } from '@tinder/core/planning/planned';
import { DayMarker } from '../../planning/day-marker';
import { rem } from '../../platform/page-scale';

/** Stove time of every dinner of a leg, day by day: where one waits longest. A dinner that fails has no bar. */
@Component({
  selector: 'app-dinner-minutes',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (bars(); as list) {
      <h3>Dinner, minutes of stove time by day</h3>
      <div role="img" [attr.aria-label]="spoken()">
        @for (b of list; track b.day) {
          <span class="day" [class.marked]="b.day === marker.day()" [class.failed]="b.minutes === undefined">
            <span class="figure">{{ b.words }}</span>
            <span class="bar" [style.height]="b.height"></span>
            <span class="quiet">{{ b.day }}</span>
          </span>
        }
      </div>
    }
  `,
  styles: `
    :host {
      display: block;
    }
    h3 {
      margin-top: 0.625rem;
      font-size: 0.875rem;
      font-weight: 600;
    }
    div {
      display: flex;
      gap: 0.25rem;
      align-items: flex-end;
      height: 5.125rem;
    }
    .day {
      display: flex;
      flex: 0 1 2.375rem;
      flex-direction: column;
      align-items: center;
      min-width: 0;
      font-size: 0.8125rem;
      line-height: 0.9375rem;
    }
    .figure {
      font-weight: 600;
    }
    .bar {
      width: 100%;
      background: var(--hill-top);
    }
    .marked .bar {
      background: var(--ember);
    }
    .failed .figure {
      color: var(--ember-text);
    }
  `,
})
export class DinnerMinutes {
  protected readonly marker = inject(DayMarker);
  readonly carry = input.required<CarryPlan>();

  /** Undefined where no dinner is hot. */
  protected readonly bars = computed(() => {
    const dinners = this.carry().days.flatMap((d) => (d.meals.supper ? [{ day: d.day, meal: d.meals.supper }] : []));
    if (!dinners.length) return undefined;
    const longestS = Math.max(...dinners.map(({ meal }) => meal.burn.durationS), 60);
    return dinners.map(({ day, meal }) => {
      const minutes = isCooked(meal) ? meal.burn.durationS / 60 : undefined;
      return {
        day,
        minutes,
        words: minutes === undefined ? 'fails' : minutes.toFixed(0),
        height: rem(minutes === undefined ? 0 : Math.max(1, (HIGHEST_PX * 60 * minutes) / longestS)),
      };
    });
  });
  protected readonly spoken = computed(() =>
    (this.bars() ?? []).map((b) => `day ${b.day} ${b.minutes === undefined ? 'fails' : `${b.words} min`}`).join(', '),
  );
}

const HIGHEST_PX = 48;
