import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import type { Trip } from '@tinder/core/domain/model';
import { PlanService } from '../../planning/plan-service';
import { RESTING, study } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { WorkspaceStore } from '../../store/workspace-store';
import { StudyNote } from '../../ui/study-note';
import { sentenceStart } from '../../words/sentence-start';
import { Units } from '../../words/units';
import { type HabitEffect, habitEffectWords, habitWords, schoolWords } from '../../words/menu-words';

/** What each habit costs or saves over this trip, ranked; a press adopts it. */
@Component({
  selector: 'app-habit-panel',
  imports: [StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>What habits cost on this trip</h2>
    <app-study-note [study]="habits" />
    @if (ledger(); as l) {
      <ol [attr.aria-busy]="stale()">
        @for (r of rows(); track r.words) {
          <li>
            <button type="button" class="row" [attr.aria-label]="r.spoken" [title]="r.school ?? ''" (click)="adopt(r.words, r.habit.trip)">
              <span class="words">{{ sentenceStart(r.words) }}</span>
              <span class="bar" aria-hidden="true"
                ><i [class.saves]="r.habit.fuelG < 0" [style.width.%]="r.width" [style.marginLeft.%]="r.left"></i
              ></span>
              <span class="grams">{{ r.grams }}</span>
              <span class="quiet">{{ r.effect }}</span>
            </button>
          </li>
        }
      </ol>
      @if (l.together; as t) {
        <p>
          <button type="button" class="figure" (click)="adopt('the best together', t.trip)">The best together</button>
          ({{ togetherWords() }}): {{ signed(t.fuelG) }}, {{ effectWords(t) }}. Planned as one: savings do not add up.
        </p>
      } @else {
        <p class="quiet">No two habits that give nothing up save anything more here.</p>
      }
      <details>
        <summary>What walkers disagree about</summary>
        @for (s of schools(); track s) {
          <p>{{ s }}</p>
        }
      </details>
    } @else if (!habits.problem()) {
      <p class="quiet waiting">Working it out…</p>
    }
  `,
  styleUrl: '../../ui/rows.less',
  styles: `
    /* about as high as the ledger, so that nothing below it moves when it comes */
    .waiting {
      min-height: 38.75rem;
    }
    ol {
      margin: 0;
      padding: 0;
      list-style: none;
    }
    .row {
      display: grid;
      grid-template-columns: minmax(0, 1fr) max-content;
      gap: 0 0.625rem;
      width: 100%;
      padding: 3px 0;
      border: 0;
      border-bottom: 1px solid var(--hairline);
      background: none;
      color: inherit;
      font: inherit;
      text-align: left;
      cursor: pointer;
    }
    .row:hover .words {
      text-decoration: underline;
    }
    .grams {
      grid-area: 1 / 2;
      font-weight: 600;
      text-align: right;
    }
    .bar {
      grid-area: 2 / 1;
      align-self: center;
      height: 0.3125rem;
    }
    .bar i {
      display: block;
      height: 0.3125rem;
      min-width: 2px;
      background: repeating-linear-gradient(45deg, var(--ember) 0 3px, transparent 3px 0.3125rem);
    }
    .bar i.saves {
      background: var(--ember);
    }
    .row .quiet {
      grid-column: 1 / -1;
      font-size: 0.8125rem;
      line-height: 1.2;
    }
    p {
      margin: 0.375rem 0;
    }
  `,
})
export class HabitPanel {
  protected readonly sentenceStart = sentenceStart;
  private readonly units = inject(Units);
  private readonly store = inject(WorkspaceStore);
  private readonly plans = inject(PlanService);
  private readonly worker = inject(StudyWorker);
  protected readonly habits = study(
    RESTING,
    () => this.plans.current(),
    ({ trip, plan }, run) => this.worker.ask('habits', { trip, plan }, undefined, run),
  );

  protected readonly ledger = computed(() => this.habits.last()?.answer);
  protected readonly stale = computed(() => !this.habits.fresh());
  protected readonly rows = computed(() => {
    const habits = this.ledger()?.habits ?? [];
    const most = Math.max(1, ...habits.map((h) => Math.abs(h.fuelG)));
    return habits.map((habit) => {
      const words = habitWords(habit.kind, this.units);
      const grams = this.signed(habit.fuelG);
      const effect = this.effectWords(habit);
      const width = (50 * Math.abs(habit.fuelG)) / most;
      return {
        habit,
        words,
        grams,
        effect,
        school: schoolWords(habit.kind, this.units),
        spoken: `${words}: ${grams}, ${effect}; do it`,
        width,
        left: habit.fuelG < 0 ? 50 - width : 50,
      };
    });
  });
  protected readonly schools = computed(() => [...new Set(this.rows().flatMap((r) => (r.school ? [r.school] : [])))]);
  protected readonly togetherWords = computed(
    () =>
      this.ledger()
        ?.together?.kinds.map((k) => habitWords(k, this.units))
        .join('; ') ?? '',
  );

  /** "−24 g", "+105 g": of fuel over the trip. */
  protected signed(massG: number): string {
    const text = this.units.text(massG, 'mass');
    return massG > 0 ? `+${text}` : text;
  }

  protected effectWords(h: HabitEffect): string {
    return habitEffectWords(h, this.units);
  }

  protected adopt(words: string, trip: Trip): void {
    this.store.editTrip(words, () => trip);
  }
}
