import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { LIMITS } from '@tinder/core/model';
import { WorkspaceStore } from '../store/workspace-store';
import { Choice } from '../ui/choice';
import { QuantityField } from '../ui/quantity-field';
import { StudyNote } from '../ui/study-note';
import { firmnessWords, kitPriceWords, toWinWords } from '../words/compare-words';
import { NOT_PLANNABLE_WORDS } from '../words/kit-words';
import { Units } from '../words/units';
import { CompareTable } from './compare-table';
import { Comparison } from './comparison';
import { KitStudy } from './kit-study';

/** Two to six kits side by side on this trip: the table, how firm its order is, what would turn it, and what the trip costs. */
@Component({
  selector: 'app-compare-panel',
  imports: [Choice, CompareTable, QuantityField, StudyNote],
  providers: [Comparison],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="head">
      <h2 class="sign" id="compare-title">Kits compared on {{ store.trip().name }}: a longer bar is better</h2>
      <app-choice
        label="Shown as"
        [options]="shownAs"
        [value]="comparison.score().inPoints ? 'points' : 'measured'"
        (valueChange)="inPoints($event)"
      />
      <span class="spread">
        <span class="quiet">a piece without a life of its own is spread over</span>
        <app-quantity-field
          label="Trips that a piece’s price is spread over"
          quantity="count"
          [bare]="true"
          [value]="study.rack().spreadTrips"
          [limits]="L.lifeTrips"
          (valueChange)="spread($event)"
        />
        <span class="quiet">trips</span>
      </span>
    </div>
    <app-study-note [study]="comparison.study" />
    @if (comparison.columns().length < 2) {
      <p class="quiet">Tick “Compare” at two to six kits under “Build”. They stand here as bars, row by row.</p>
    } @else if (comparison.measured(); as m) {
      <app-compare-table />
      <div class="said">
        @for (part of said(); track part.title) {
          <div>
            <h3 class="sign">{{ part.title }}</h3>
            @for (w of part.sentences; track w) {
              <p>{{ w }}</p>
            }
          </div>
        }
      </div>
      @for (u of m.unplannable; track u.kitId) {
        <p class="error">{{ comparison.nameOf(u.kitId) }} cannot be planned: {{ lacks[u.code] }}.</p>
      }
      <p class="quiet note">
        Points run from the worst (0) to the best (5) of the kits that stand here, so one more kit can move the others. The weights are a
        start and nobody’s law: drag them. Fuss and safety are yours to judge; your own points go before what is measured.
      </p>
    } @else if (!comparison.study.problem()) {
      <p class="quiet">Planning the trip with each…</p>
    }
  `,
  styleUrl: '../ui/table.less',
  styles: `
    :host {
      margin-top: 0;
    }
    .head {
      display: flex;
      flex-wrap: wrap;
      gap: 0 1.75rem;
      align-items: baseline;
      border-bottom: 1px solid var(--hairline);
    }
    .head h2 {
      border: 0;
    }
    .spread {
      display: flex;
      gap: 0.375rem;
      align-items: baseline;
    }
    .spread app-quantity-field {
      width: 2.75rem;
    }
    .said {
      display: grid;
      grid-template-columns: repeat(3, minmax(0, 1fr));
      gap: 0 2rem;
      margin-top: 0.625rem;
    }
    .said p {
      margin: 2px 0;
      line-height: 1.3;
    }
    .note {
      max-width: 90ch;
    }
    @media (max-width: 1000px) {
      .said {
        grid-template-columns: minmax(0, 1fr);
      }
    }
  `,
})
export class ComparePanel {
  protected readonly study = inject(KitStudy);
  protected readonly store = inject(WorkspaceStore);
  protected readonly comparison = inject(Comparison);
  private readonly units = inject(Units);
  protected readonly L = LIMITS;
  protected readonly lacks = NOT_PLANNABLE_WORDS;
  protected readonly shownAs = [
    { value: 'measured', label: 'As measured' },
    { value: 'points', label: 'Points out of five' },
  ] as const;

  protected readonly said = computed(() => {
    const ranking = this.comparison.ranking();
    const nameOf = (id: string): string => this.comparison.nameOf(id);
    return [
      { title: 'how firm this order is', sentences: firmnessWords(ranking, nameOf) },
      { title: 'what would turn it', sentences: toWinWords(ranking, this.comparison.toWin(), nameOf, this.units) },
      { title: 'what it costs', sentences: this.comparison.kits().map((k) => kitPriceWords(k, this.units)) },
    ];
  });

  protected inPoints(shown: 'measured' | 'points'): void {
    this.store.editRack('points', (r) => ({ ...r, score: { ...r.score, inPoints: shown === 'points' } }));
  }

  protected spread(spreadTrips: number): void {
    this.store.editRack('trips to spread over', (r) => ({ ...r, spreadTrips }));
  }
}
