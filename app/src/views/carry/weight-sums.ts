import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { StudyNote } from '../../ui/study-note';
import { Units } from '../../words/units';
import { COUNTED_WORDS, sumWords } from '../../words/weight-words';
import { KitLines } from './kit-lines-service';

/** What the carried weight of the kit and the compared one comes to, as it is counted in the chart’s options. */
@Component({
  selector: 'app-weight-sums',
  imports: [StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (service.study.problem()) {
      <app-study-note [study]="service.study" />
    } @else if (sums(); as list) {
      <p role="group" aria-label="Carried weight compared" [class.stale]="service.stale()" [attr.aria-busy]="service.stale()">
        @for (s of list; track s.id) {
          <span
            >{{ s.name }} <b>{{ s.value }}</b>{{ s.note }}</span
          >
        }
      </p>
    }
  `,
  styles: `
    :host {
      display: block;
    }
    p {
      display: flex;
      flex-wrap: wrap;
      gap: 0 1rem;
      margin: 0.25rem 0 0;
      color: var(--ink-quiet);
      font-size: 0.875rem;
      line-height: 1.25rem;
    }
    b {
      font-weight: 600;
      color: var(--ink);
    }
    .stale::before {
      content: 'Not up to date yet:';
    }
  `,
})
export class WeightSumsLine {
  protected readonly service = inject(KitLines);
  private readonly units = inject(Units);

  /** Of the carried kit and the compared one, once there is one. */
  protected readonly sums = computed(() => {
    const drawn = this.service.drawn();
    const by = this.service.counted();
    if (!drawn || drawn.length < 2) return undefined;
    return drawn.map((l) => ({
      id: l.id,
      name: `${l.name}, ${COUNTED_WORDS[by]}:`,
      value: sumWords(l.sums[by], by, this.units),
      note: l.mealsMissed > 0 ? `, ${l.mealsMissed} meals cold` : '',
    }));
  });
}
