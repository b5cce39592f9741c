import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { build } from '@tinder/core/domain/kit';
import { learntDoneMin, type DoneVerdict } from '@tinder/core/studies/study';
import { PlanService } from '../../planning/plan-service';
import { WorkspaceStore } from '../../store/workspace-store';
import { cardWords, learntWords } from '../../words/card-words';
import { doseWords } from '../../words/meal-words';
import { sentenceStart } from '../../words/sentence-start';
import { Units } from '../../words/units';
import { DishChart } from './dish-chart';
import { DishStudy } from './dish-study';

const VERDICTS: readonly { value: DoneVerdict; label: string }[] = [
  { value: 'hard', label: 'Still hard' },
  { value: 'good', label: 'Good' },
  { value: 'mush', label: 'Mush' },
];

/** The dish at the stove: its minutes drawn, its card as it is read there, and what it was like, from which it learns. */
@Component({
  selector: 'app-dish-card',
  imports: [DishChart, NzButtonComponent],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (study.dish(); as d) {
      @if (d.curve || d.ways.length > 1) {
        <app-dish-chart [curve]="d.curve" [ways]="d.ways" [flame]="flame()" [hot]="hot()" />
      }
      <details [open]="!d.curve">
        <summary>Steps at the stove</summary>
        <ul aria-label="Card">
          @for (s of steps(); track $index) {
            <li>{{ s }}</li>
          }
        </ul>
        @for (q of quirks(); track q) {
          <p>{{ q }}</p>
        }
        @if (d.card.meal.packet; as p) {
          <p class="quiet">
            The packet says {{ units.text(p.waterMl, 'volume') }} and {{ p.restMin }} min. Take the drying sachet out, stir to the corners,
            a little more water than it says.
          </p>
        }
      </details>
      @if (d.card.cooked) {
        <p class="verdict no-print">
          <span class="name">It was</span>
          @for (v of verdicts; track v.value) {
            <button nz-button nzSize="small" type="button" (click)="learn(v.value)">{{ v.label }}</button>
          }
          <span class="quiet">{{ learnt() }}</span>
        </p>
      }
    }
  `,
  styles: `
    :host {
      display: block;
      min-width: 0;
    }
    ul {
      margin: 0;
      padding: 0 0 0 1rem;
    }
    li,
    p {
      line-height: 1.35;
    }
    p {
      margin: 0.25rem 0;
    }
    .verdict {
      display: flex;
      flex-wrap: wrap;
      gap: 0.25rem 0.625rem;
      align-items: center;
    }
  `,
})
export class DishCardPanel {
  protected readonly study = inject(DishStudy);
  protected readonly units = inject(Units);
  private readonly store = inject(WorkspaceStore);
  private readonly plans = inject(PlanService);
  protected readonly verdicts = VERDICTS;
  protected readonly learnt = signal('');

  protected readonly steps = computed(() => {
    const c = this.study.card();
    const { kit, cupMarkMl } = this.plans.tripHere();
    return c ? cardWords(c, kit, this.units, cupMarkMl) : [];
  });
  protected readonly flame = computed(() => {
    const dose = this.study.card()?.cooked?.planned.dose;
    return dose
      ? sentenceStart(doseWords(dose, this.units))
      : `Flame ${this.units.text(100 * this.plans.tripHere().kit.flameSetting, 'percent')}`;
  });
  /** "Boil, 91 °C: stir in 130 g". */
  protected readonly hot = computed(() => {
    const c = this.study.card();
    if (!c?.cooked) return '';
    const { targetC } = c.cooked.planned.burn;
    const at = `${c.meal.target.kind === 'boil' ? 'Boil' : 'Stop'} at ${this.units.text(targetC, 'temperature', 0)}`;
    return c.meal.dryG > 0 && c.meal.simmerMin === 0 ? `${at}: stir in ${this.units.text(c.meal.dryG, 'mass')}` : at;
  });
  /** What to mind about the gear in the kit that is carried, at the stove. */
  protected readonly quirks = computed(() => {
    const rack = this.store.rack();
    const kit = rack.kits.find((k) => k.id === this.plans.tripHere().rackKitId);
    const pieces = kit && this.study.card()?.cooked ? build(rack, kit).pieces : [];
    return pieces.flatMap((p) => (p.quirk && p.quirk.step !== 'packing' ? [`${p.quirk.step}, ${p.name}: ${p.quirk.words}`] : []));
  });

  protected learn(verdict: DoneVerdict): void {
    const cooked = this.study.card()?.cooked;
    if (!cooked) return;
    const doneMin = learntDoneMin(cooked.cookedMin, verdict);
    this.study.change('how done it was', (m) => ({ ...m, doneMin }));
    this.learnt.set(learntWords(doneMin, this.units));
  }
}
