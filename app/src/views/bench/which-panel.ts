import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NO_MISHAPS } from '@tinder/core/planning/risk';
import type { TestIdeaId } from '@tinder/core/studies/study';
import { formatDuration } from '@tinder/core/foundation/units';
import { PlanService } from '../../planning/plan-service';
import { RESTING, study } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { StudyNote } from '../../ui/study-note';
import { measured } from '../../words/measured';
import { Units } from '../../words/units';
import { BenchStudy } from './bench-study';
import { BurnRun } from './burn-run';
import { Hint } from '../../ui/hint';

const IDEA_WORDS: Record<TestIdeaId, string> = {
  lowFlame: 'a low flame, calm',
  midFlame: 'a middle flame, calm',
  fullFlame: 'the full flame, calm',
  calm: 'as it is, calm',
  wind: 'in a wind of {3 m/s}',
  oneLitre: 'a litre at once',
  coldCan: 'on a canister out of the cold',
};

/** Which test is worth doing this weekend: what each would let stay at home of this trip's reserve, and what it costs. */
@Component({
  selector: 'app-which-panel',
  imports: [Hint, NzButtonComponent, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>Worth testing this weekend</h2>
    <app-study-note [study]="asked" />
    @if (answer(); as a) {
      <p>{{ a.says }}</p>
      <table class="stacks">
        <thead>
          <tr>
            <th scope="col">Burn</th>
            <th scope="col" class="number" appHint="reserve less">Reserve less</th>
            <th scope="col" class="number" appHint="known to">Known to</th>
            <th scope="col" class="number" appHint="costs, a burn">Costs</th>
            <td></td>
          </tr>
        </thead>
        <tbody>
          @for (r of a.rows; track r.id) {
            <tr>
              <th scope="row">{{ r.name }}</th>
              <td data-label="Reserve less" class="number heat">{{ r.reserve }}</td>
              <td data-label="Known to" class="number">{{ r.known }}</td>
              <td data-label="Costs" class="number">{{ r.costs }}</td>
              <td><button nz-button nzSize="small" type="button" (click)="begin(r.id)">Burn it</button></td>
            </tr>
          }
        </tbody>
      </table>
      <p class="quiet">
        Estimated from the burn model with the errors of scale, watch, water, wind, hand and day. Two tests of a kind tell less than one of
        each.
      </p>
    } @else if (asked.fresh()) {
      <p class="quiet">This trip burns nothing that a test could tell of.</p>
    }
  `,
  styleUrl: '../../ui/table.less',
  styles: `
    :host {
      margin-top: 0;
    }
    .heat {
      color: var(--ember-text);
      font-weight: 700;
    }
    p {
      max-width: 70ch;
      margin: 0.375rem 0;
      line-height: 1.3;
    }
    p.quiet {
      font-size: 0.8125rem;
    }
  `,
})
export class WhichPanel {
  private readonly plans = inject(PlanService);
  private readonly worker = inject(StudyWorker);
  private readonly study = inject(BenchStudy);
  private readonly run = inject(BurnRun);
  private readonly units = inject(Units);

  protected readonly asked = study(
    RESTING,
    () => {
      const planned = this.plans.planned();
      return planned && { planned, kitName: this.study.tripKitName() };
    },
    ({ planned: { trip, plan }, kitName }, run) => this.worker.ask('whichTest', { trip, plan }, { kitName, mishaps: NO_MISHAPS }, run),
  );
  private readonly found = computed(() => (this.asked.fresh() ? this.asked.last()?.answer : undefined));
  protected readonly answer = computed(() => {
    const found = this.found();
    if (!found?.ideas.length) return undefined;
    const { units } = this;
    const [{ sdBeforeG }] = found.ideas;
    return {
      says: `From ${found.from} to ${found.to} not knowing your stove leaves ${units.text(sdBeforeG, 'mass')} of doubt (one standard deviation). One test of each would take off:`,
      rows: found.ideas.map((i) => ({
        id: i.id,
        name: measured(IDEA_WORDS[i.id], this.units),
        reserve: `−${units.text(Math.max(0, i.reserveG), 'mass')}`,
        known: `± ${units.text(i.sdAfterG, 'mass')}`,
        costs: `${units.text(i.fuelG, 'mass')}, ${formatDuration(i.seconds)}`,
      })),
    };
  });

  protected begin(id: TestIdeaId): void {
    const idea = this.found()?.ideas.find((i) => i.id === id);
    if (!idea) return;
    this.run.begin(idea.setup, {
      seriesId: null,
      arm: null,
      heading: `${idea.setup.kitName}: ${measured(IDEA_WORDS[id], this.units)}`,
      garden: null,
    });
  }
}
