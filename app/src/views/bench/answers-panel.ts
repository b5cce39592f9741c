import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzInputDirective } from 'ng-zorro-antd/input';
import { worthOf } from '@tinder/core/studies/bench';
import { IntervalBar } from '../../charts/interval-bar';
import { PlanService } from '../../planning/plan-service';
import { answerWords, differsWords, timeWords, worthWords } from '../../words/bench-words';
import { Units } from '../../words/units';
import { BenchStudy, type Asked } from './bench-study';

/** A or B: every question with what its burns say, how sure that is, and whether it is worth carrying. */
@Component({
  selector: 'app-answers-panel',
  imports: [IntervalBar, NzButtonComponent, NzInputDirective],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @for (q of questions(); track q.id) {
      <section>
        <h2>
          {{ q.series.question }} <span class="quiet">{{ q.made }}</span>
        </h2>
        @if (q.series.garden !== null) {
          <p class="simulated">Burnt in the simulated garden</p>
        }
        <p class="answer">{{ q.says }} {{ q.time }}</p>
        @if (q.answer.fuel; as fuel) {
          <app-interval-bar [of]="fuel" [told]="q.answer.told" [nameA]="q.series.nameA" [nameB]="q.series.nameB" />
        }
        <p class="quiet">{{ q.differs }} {{ q.pairing }}</p>
        @if (q.worth) {
          <p>{{ q.worth }}</p>
        }
        <div class="believed">
          <span class="quiet">expected</span><span>{{ q.series.expected || 'nothing written down' }}</span>
          <label class="quiet" [attr.for]="'concluded-' + q.id">Concluded, and where it holds</label>
          <input
            nz-input
            class="left"
            maxlength="300"
            [id]="'concluded-' + q.id"
            [value]="q.series.concluded"
            (change)="conclude(q.asked, $any($event.target).value)"
          />
        </div>
        <p class="acts">
          <button nz-button nzSize="small" type="button" (click)="study.removeSeries(q.id)">Delete question and tests</button>
        </p>
      </section>
    } @empty {
      <p class="quiet">No question yet. Plan one under “Test”: does the lid save fuel, does the cozy, is half a flame better?</p>
    }
  `,
  styleUrls: ['../../ui/rows.less', './bench.less'],
  styles: `
    section {
      margin-bottom: 1.125rem;
    }
    h2 .quiet {
      font-weight: 500;
    }
    .answer {
      max-width: 90ch;
      margin: 0.25rem 0 0.375rem;
      font: 700 1.25rem/1.25 var(--signs);
    }
    p {
      max-width: 100ch;
      margin: 0.25rem 0;
      line-height: 1.3;
    }
    .believed {
      display: grid;
      grid-template-columns: max-content minmax(0, 35rem);
      gap: 2px 0.875rem;
      align-items: baseline;
      margin-top: 0.25rem;
    }
    @media (max-width: 720px) {
      .believed {
        grid-template-columns: minmax(0, 1fr);
      }
    }
  `,
})
export class AnswersPanel {
  protected readonly study = inject(BenchStudy);
  private readonly units = inject(Units);
  private readonly plans = inject(PlanService);

  /** Fuel of the carry that burns most. */
  private readonly dearestG = computed(() => Math.max(0, ...(this.plans.plan()?.carries.map((c) => c.demandG) ?? [])));

  protected readonly questions = computed(() =>
    [...this.study.asked()].reverse().map((asked) => {
      const { series, answer } = asked;
      const worth = answer.told ? worthOf(answer, series, this.dearestG()) : undefined;
      const { a, b } = answer.arms;
      return {
        id: series.id,
        asked,
        series,
        answer,
        made: `${a.reached + a.failed + b.reached + b.failed} of ${2 * series.pairs} burns`,
        says: answerWords(answer, series, this.units),
        time: timeWords(answer, series),
        differs: differsWords(answer.differs),
        pairing: !answer.fuel
          ? ''
          : answer.isPaired
            ? 'Taken in pairs, as they were burnt.'
            : 'Taken one by one: they were not burnt in pairs.',
        worth: worth && worthWords(worth, series.nameA, this.units),
      };
    }),
  );

  protected conclude({ series }: Asked, words: string): void {
    this.study.editSeries('what I conclude', series.id, (s) => ({ ...s, concluded: words.trim() }));
  }
}
