import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { LIMITS } from '@tinder/core/domain/model';
import { WorkspaceStore } from '../../store/workspace-store';
import { Choice } from '../../ui/choice';
import { Opened } from '../../ui/opened';
import { QuantityField } from '../../ui/quantity-field';
import { StudyNote } from '../../ui/study-note';
import { firmnessWords, firstKitWords, kitPriceWords, toWinWords } from '../../words/compare-words';
import { NOT_PLANNABLE_WORDS } from '../../words/kit-words';
import { Units } from '../../words/units';
import { CompareKits } from './compare-kits';
import { CompareTable } from './compare-table';
import { Comparison } from './comparison';
import { KitStudy } from './kit-study';

/** Two to six kits on this trip: a table that sorts, how firm its order is, what would turn it, what the trip costs, and the weights behind it. */
@Component({
  selector: 'app-compare-panel',
  imports: [Choice, CompareKits, CompareTable, Opened, QuantityField, StudyNote],
  providers: [Comparison],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>Compared on {{ store.trip().name }}</h2>
    <app-study-note [study]="comparison.study" />
    @if (comparison.columns().length < 2) {
      <p class="quiet">Tick two to six kits above. They stand here row by row, to be sorted by what matters to you.</p>
    } @else if (comparison.measured(); as m) {
      <app-compare-kits />
      @if (first(); as words) {
        <p>{{ words }}</p>
      }
      <details>
        <summary>How firm this order is, what would change it, what it costs</summary>
        <div class="said">
          @for (part of said(); track part.title) {
            <div>
              <h3>{{ part.title }}</h3>
              @for (w of part.sentences; track $index) {
                <p>{{ w }}</p>
              }
            </div>
          }
        </div>
      </details>
      @for (u of m.unplannable; track u.kitId) {
        <p class="error">{{ comparison.nameOf(u.kitId) }} cannot be planned: {{ lacks[u.code] }}.</p>
      }
      <details appOpened #weights="opened">
        <summary>What counts, and how much</summary>
        @if (weights.once()) {
          <div class="head">
            <span class="quiet" id="compare-title">A longer bar is better</span>
            <app-choice
              label="Shown as"
              [options]="shownAs"
              [value]="comparison.score().inPoints ? 'points' : 'measured'"
              (valueChange)="inPoints($event)"
            />
            <span class="spread">
              <span class="quiet">Spread the price of gear that does not wear out over</span>
              <app-quantity-field
                label="Trips that a piece’s price is spread over"
                quantity="count"
                unitWord="trips"
                [value]="study.rack().spreadTrips"
                [limits]="L.lifeTrips"
                (valueChange)="spread($event)"
              />
            </span>
          </div>
          <app-compare-table />
          <p class="quiet note">
            Points go from the worst (0) to the best (5) of the kits compared, so another kit can move them. The weights are only a start:
            drag them. Fuss and safety you judge yourself; points you type replace measured ones.
          </p>
        }
      </details>
    } @else if (!comparison.study.problem()) {
      <p class="quiet">Planning the trip with each…</p>
    }
  `,
  styleUrl: '../../ui/table.less',
  styles: `
    :host {
      margin-top: 0;
    }
    .head {
      display: flex;
      flex-wrap: wrap;
      gap: 0 1.75rem;
      align-items: baseline;
    }
    .spread {
      display: flex;
      gap: 0.375rem;
      align-items: baseline;
    }
    .spread app-quantity-field {
      width: 5.5rem;
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
      { title: 'How firm this order is', sentences: firmnessWords(ranking, nameOf) },
      { title: 'What would change it', sentences: toWinWords(ranking, this.comparison.toWin(), nameOf, this.units) },
      { title: 'What it costs', sentences: this.comparison.kits().map((k) => kitPriceWords(k, this.units)) },
    ];
  });

  /** The first by the walker's weights; and a kit that is kept all the same, with the reason. */
  protected readonly first = computed(() => {
    const [first] = this.comparison.ranking().ranked;
    if (!first) return '';
    const carried = this.study.rack().kits.find((k) => k.id === this.study.carried()?.id);
    const keeps = carried?.keepBecause && carried.id !== first.id ? { name: carried.name, because: carried.keepBecause } : undefined;
    return firstKitWords(this.comparison.nameOf(first.id), keeps);
  });

  protected inPoints(shown: 'measured' | 'points'): void {
    this.store.editRack('points', (r) => ({ ...r, score: { ...r.score, inPoints: shown === 'points' } }));
  }

  protected spread(spreadTrips: number): void {
    this.store.editRack('trips to spread over', (r) => ({ ...r, spreadTrips }));
  }
}
