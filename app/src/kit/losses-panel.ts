import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { burnerById, type BurnerFamily } from '@tinder/core/catalogue';
import { ignitesOf, pieceFor } from '@tinder/core/kit';
import { IGNITES, IGNITIONS, type Ignites, type Ignition } from '@tinder/core/model';
import { wholeNumber } from '@tinder/core/units';
import { PlanService } from '../planning/plan-service';
import { RESTING, study } from '../planning/study';
import { StudyWorker } from '../planning/study-worker';
import { WorkspaceStore } from '../store/workspace-store';
import { TablePick } from '../ui/table-pick';
import { StudyNote } from '../ui/study-note';
import { Units } from '../words/units';
import {
  FAMILY_WORDS,
  IGNITES_WORDS,
  IGNITION_WORDS,
  lossMendWords,
  lostName,
  NOT_PLANNABLE_WORDS,
  worstLossWords,
} from '../words/kit-words';
import { KitStudy } from './kit-study';
import { Hint } from '../ui/hint';

/** Each piece, bottle and ignition taken away in turn on the first evening; and what lights what, for the walker to mend. */
@Component({
  selector: 'app-losses-panel',
  imports: [Hint, NzButtonComponent, StudyNote, TablePick],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 id="losses-title">Lost on the first evening out of {{ from() }}: {{ study.kit()?.name }}</h2>
    <app-study-note [study]="losses" />
    @if (lacks(); as words) {
      <p class="error">This kit cannot be planned with: {{ words }}.</p>
    } @else if (rows()) {
      <p class="worst">{{ worst() }}</p>
      <div class="scroll" tabindex="0" role="group" aria-labelledby="losses-title">
        <table class="stacks" aria-labelledby="losses-title">
          <thead>
            <tr>
              <th scope="col">Without the</th>
              <th scope="col" class="number" appHint="hot meals lost">Hot meals lost</th>
              <th scope="col" class="number" appHint="food left to eat">Food left to eat</th>
              <th scope="col" class="number" appHint="water nothing makes safe or melts">Water nothing makes safe or melts</th>
              <th scope="col" appHint="the lightest mend">The lightest mend</th>
            </tr>
          </thead>
          <tbody>
            @for (r of costly(); track $index) {
              <tr [class.bad]="r.bad">
                <th scope="row">{{ r.name }}</th>
                <td data-label="Hot meals lost" class="number">{{ r.meals }}</td>
                <td data-label="Food left to eat" class="number">{{ r.kcal }}</td>
                <td data-label="Water nothing makes safe or melts" class="number">{{ r.water }}</td>
                <td data-label="The lightest mend">{{ r.mend }}</td>
              </tr>
            } @empty {
              <tr>
                <td colspan="5" class="quiet">There is nothing in this kit whose loss would cost a meal.</td>
              </tr>
            }
          </tbody>
        </table>
      </div>
      @if (harmless(); as names) {
        <p class="harmless">Without the {{ names }} every hot meal is still cooked, and all food eaten.</p>
      }
      <p class="quiet">Food that only drinks hot water is counted as eaten cold, after a longer soak; raw rice, pasta and dough are not.</p>
    } @else if (!losses.problem()) {
      <p class="quiet">Taking things away…</p>
    }

    <h2 id="ignites-title">What lights what</h2>
    <div class="scroll" tabindex="0" role="group" aria-labelledby="ignites-title">
      <table class="ignites stacks" aria-labelledby="ignites-title">
        <thead>
          <tr>
            <th scope="col">Stove</th>
            @for (i of ignitions; track i) {
              <th scope="col">{{ ignitionWords[i] }}</th>
            }
          </tr>
        </thead>
        <tbody>
          @for (f of shownTable(); track f.family) {
            <tr [class.on]="f.open">
              <th scope="row">{{ f.words }}</th>
              @for (c of f.cells; track c.ignition) {
                <td [attr.data-label]="ignitionWords[c.ignition]">
                  <app-table-pick
                    [label]="ignitionWords[c.ignition] + ' on ' + f.words"
                    [options]="answers"
                    [value]="c.value"
                    (valueChange)="lights(f.family, c.ignition, $event)"
                  />
                </td>
              }
            </tr>
          }
        </tbody>
      </table>
    </div>
    <button nz-button nzSize="small" type="button" [attr.aria-expanded]="every()" (click)="every.set(!every())">
      {{ every() ? 'Only the stove of this kit' : 'Every kind of stove' }}
    </button>
    <p class="quiet">Common practice to start with; what you change is your own experience and decides the hints.</p>
  `,
  styleUrl: '../ui/table.less',
  styles: `
    :host {
      margin-top: 0;
    }
    h2 + .scroll {
      margin-top: 0;
    }
    p + h2 {
      margin-top: 0.875rem;
    }
    .worst {
      margin: 0.375rem 0;
      font-weight: 600;
    }
    tr.bad th {
      box-shadow: inset 3px 0 var(--ember);
    }
    .ignites td {
      min-width: 6.5rem;
      &::before {
        flex: 0 0 6.25rem;
        align-self: center;
      }
    }
  `,
})
export class LossesPanel {
  protected readonly study = inject(KitStudy);
  private readonly store = inject(WorkspaceStore);
  private readonly plans = inject(PlanService);
  private readonly units = inject(Units);
  private readonly worker = inject(StudyWorker);
  protected readonly losses = study(
    RESTING,
    () => {
      const kitId = this.study.kit()?.id;
      return kitId === undefined ? undefined : { rack: this.study.rack(), trip: this.store.trip(), kitId, stopId: this.stop().id };
    },
    ({ rack, trip, kitId, stopId }, run) => this.worker.ask('losses', { rack, trip }, { kitId, stopId }, run),
  );
  /** Nothing where no kit is open. */
  private readonly answer = computed(() => (this.study.kit() ? this.losses.last()?.answer : undefined));
  private readonly found = computed(() => {
    const answer = this.answer();
    return answer?.ok ? answer.value : undefined;
  });
  protected readonly lacks = computed(() => {
    const answer = this.answer();
    return answer && !answer.ok ? NOT_PLANNABLE_WORDS[answer.problem.code] : undefined;
  });

  protected readonly ignitions = IGNITIONS;
  protected readonly ignitionWords = IGNITION_WORDS;
  protected readonly answers = IGNITES.map((value) => ({ value, label: IGNITES_WORDS[value] }));

  private readonly stop = computed(() => {
    const { stops } = this.store.trip();
    return stops.find((s) => s.id === this.plans.carry()?.fromStopId) ?? stops[0];
  });
  protected readonly from = computed(() => this.stop().name);
  protected readonly rows = computed(() =>
    this.found()?.map((loss) => ({
      name: lostName(loss, this.units),
      bad: loss.hotMealsLost > 0,
      costs: loss.hotMealsLost > 0 || loss.untreatedMl > 0 || loss.kcalLeft < loss.kcalCarried - 0.5,
      meals: loss.hotMealsLost ? `${loss.hotMealsLost}` : 'none',
      kcal: `${wholeNumber(loss.kcalLeft)} of ${wholeNumber(loss.kcalCarried)} kcal`,
      water: loss.untreatedMl ? this.units.text(loss.untreatedMl, 'volume') : 'none',
      mend: loss.mend && loss.hotMealsLost ? lossMendWords(loss.mend, this.units) : '',
    })),
  );
  protected readonly costly = computed(() => this.rows()?.filter((r) => r.costs) ?? []);
  /** What can be lost without a meal less; undefined where everything matters. */
  protected readonly harmless = computed(() => {
    const names = this.rows()?.flatMap((r) => (r.costs ? [] : [r.name])) ?? [];
    return names.length ? new Intl.ListFormat('en', { type: 'disjunction' }).format(names) : undefined;
  });
  /** The worst loss that a few grams would mend. */
  protected readonly worst = computed(() => {
    return worstLossWords(this.found() ?? [], this.units);
  });
  protected readonly table = computed(() => {
    const rack = this.study.rack();
    const own = pieceFor(this.study.built()?.pieces ?? [], 'burner')?.burnerId;
    return (Object.keys(FAMILY_WORDS) as (keyof typeof FAMILY_WORDS)[]).map((family) => ({
      family,
      words: FAMILY_WORDS[family],
      open: own !== undefined && burnerById(own).family === family,
      cells: IGNITIONS.map((ignition) => ({ ignition, value: ignitesOf(rack, family, ignition) })),
    }));
  });

  /** Shown beyond the burner of the open kit. */
  protected readonly every = signal(false);
  protected readonly shownTable = computed(() => {
    const own = this.table().filter((f) => f.open);
    return this.every() || !own.length ? this.table() : own;
  });

  protected lights(family: BurnerFamily, ignition: Ignition, value: Ignites): void {
    this.study.editRack('what lights what', (r) => ({
      ...r,
      ignites: { ...r.ignites, [family]: { ...r.ignites[family], [ignition]: value } },
    }));
  }
}
