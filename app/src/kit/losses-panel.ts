import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { burnerById, ignitesOf, IGNITES, IGNITIONS, pieceFor, type BurnerFamily, type Ignites, type Ignition } from '@tinder/core';
import { PlanService } from '../state/plan-service';
import { answerWhenResting } from '../state/when-resting';
import { WorkspaceStore } from '../state/workspace-store';
import { PickField } from '../ui/pick-field';
import { Units } from '../ui/units';
import { IGNITES_WORDS, IGNITION_WORDS, lossMendWords, lostName } from './kit-words';
import { KitStudy } from './kit-study';

const FAMILY_WORDS: Record<Exclude<BurnerFamily, 'none'>, string> = {
  canisterTop: 'burner on a can',
  regulated: 'regulated burner',
  remote: 'remote burner',
  locked: 'burner locked to its pot',
  openAlcohol: 'open alcohol',
  simmerAlcohol: 'alcohol with a ring',
  tablet: 'tablets',
  liquid: 'liquid fuel',
  gel: 'gel',
  wood: 'wood',
};

/** Each piece, bottle and ignition taken away in turn on the first evening; and what lights what, for the walker to mend. */
@Component({
  selector: 'app-losses-panel',
  imports: [PickField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 class="sign" id="losses-title">lost on the first evening out of {{ from() }}: {{ study.kit()?.name }}</h2>
    @if (rows(); as list) {
      <p class="worst">{{ worst() }}</p>
      <div class="scroll" tabindex="0" role="group" aria-labelledby="losses-title">
        <table aria-labelledby="losses-title">
          <thead>
            <tr>
              <th scope="col">without the</th>
              <th scope="col" class="number">hot meals lost</th>
              <th scope="col" class="number">food left to eat</th>
              <th scope="col" class="number">water nothing makes safe or melts</th>
              <th scope="col">the lightest mend</th>
            </tr>
          </thead>
          <tbody>
            @for (r of list; track $index) {
              <tr [class.bad]="r.bad">
                <th scope="row">{{ r.name }}</th>
                <td class="number">{{ r.meals }}</td>
                <td class="number">{{ r.kcal }}</td>
                <td class="number">{{ r.water }}</td>
                <td>{{ r.mend }}</td>
              </tr>
            } @empty {
              <tr>
                <td colspan="5" class="quiet">There is nothing in this kit whose loss would cost a meal.</td>
              </tr>
            }
          </tbody>
        </table>
      </div>
      <p class="quiet">Food that only drinks hot water is counted as eaten cold, after a longer soak; raw rice, pasta and dough are not.</p>
    } @else {
      <p class="quiet">taking things away…</p>
    }

    <h2 class="sign" id="ignites-title">what lights what</h2>
    <div class="scroll" tabindex="0" role="group" aria-labelledby="ignites-title">
      <table class="ignites" aria-labelledby="ignites-title">
        <thead>
          <tr>
            <th scope="col">burner</th>
            @for (i of ignitions; track i) {
              <th scope="col">{{ ignitionWords[i] }}</th>
            }
          </tr>
        </thead>
        <tbody>
          @for (f of table(); track f.family) {
            <tr [class.on]="f.open">
              <th scope="row">{{ f.words }}</th>
              @for (c of f.cells; track c.ignition) {
                <td>
                  <app-pick-field
                    [label]="ignitionWords[c.ignition] + ' on ' + f.words"
                    [quietly]="true"
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
    <p class="quiet">Common practice to start with; what you change is your own experience and decides the hints.</p>
  `,
  styleUrl: '../trail/table.less',
  styles: `
    :host {
      margin-top: 0;
    }
    h2 + .scroll {
      margin-top: 0;
    }
    p + h2 {
      margin-top: 14px;
    }
    .worst {
      margin: 6px 0;
      font-weight: 600;
    }
    tr.bad th {
      box-shadow: inset 3px 0 var(--ember);
    }
    .ignites td {
      min-width: 104px;
    }
  `,
})
export class LossesPanel {
  protected readonly study = inject(KitStudy);
  private readonly store = inject(WorkspaceStore);
  private readonly plans = inject(PlanService);
  private readonly units = inject(Units);
  private readonly losses = answerWhenResting(
    () => {
      const kitId = this.study.kit()?.id;
      return kitId === undefined ? undefined : { rack: this.study.rack(), trip: this.store.trip(), kitId, fromStop: this.fromStop() };
    },
    ({ rack, trip, kitId, fromStop }) => this.study.worker.losses(rack, trip, kitId, fromStop),
  );
  /** Nothing where no kit is open. */
  private readonly found = computed(() => (this.study.kit() ? this.losses.last()?.answer : undefined));

  protected readonly ignitions = IGNITIONS;
  protected readonly ignitionWords = IGNITION_WORDS;
  protected readonly answers = IGNITES.map((value) => ({ value, label: IGNITES_WORDS[value] }));

  private readonly fromStop = computed(() => this.plans.carry()?.fromStop ?? 0);
  protected readonly from = computed(() => this.store.trip().stops[this.fromStop()]?.name ?? '');
  protected readonly rows = computed(() =>
    this.found()?.map((loss) => ({
      name: lostName(loss),
      bad: loss.hotMealsLost > 0,
      meals: loss.hotMealsLost ? `${loss.hotMealsLost}` : 'none',
      kcal: `${Math.round(loss.kcalLeft).toLocaleString('en-US')} of ${Math.round(loss.kcalCarried).toLocaleString('en-US')} kcal`,
      water: loss.untreatedMl ? this.units.text(loss.untreatedMl, 'volume') : 'none',
      mend: loss.mend && loss.hotMealsLost ? lossMendWords(loss.mend, this.units) : '',
    })),
  );
  /** The worst loss that a few grams would mend. */
  protected readonly worst = computed(() => {
    const list = this.found() ?? [];
    const worst = list[0];
    if (!worst || worst.hotMealsLost === 0) return 'No single loss costs a hot meal.';
    const equal = list.filter((l) => l.hotMealsLost === worst.hotMealsLost);
    const cheapest = equal.flatMap((l) => (l.mend ? [{ l, mend: l.mend }] : [])).sort((a, b) => a.mend.massG - b.mend.massG)[0];
    const names = equal.map(lostName).join(', ');
    const meals = `${worst.hotMealsLost} hot ${worst.hotMealsLost === 1 ? 'meal' : 'meals'}`;
    return `Worst to lose, ${meals} each: ${names}.${cheapest ? ` The fewest grams against one of them: ${lossMendWords(cheapest.mend, this.units)}.` : ''}`;
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

  protected lights(family: BurnerFamily, ignition: Ignition, value: Ignites): void {
    this.study.editRack('what lights what', (r) => ({
      ...r,
      ignites: { ...r.ignites, [family]: { ...r.ignites[family], [ignition]: value } },
    }));
  }
}
