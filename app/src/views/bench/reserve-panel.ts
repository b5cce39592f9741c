import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Calibration } from '@tinder/core/domain/model';
import type { CarryOnOwn } from '@tinder/core/studies/study';
import { RiskService } from '../../planning/risk-service';
import { RESTING, study } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { WorkspaceStore } from '../../store/workspace-store';
import { Notice } from '../../ui/notice';
import { StudyNote } from '../../ui/study-note';
import { Units } from '../../words/units';
import { Hint } from '../../ui/hint';

/** What this trip burns, and what it must keep in reserve, on the catalogue's burner and on one's own. */
@Component({
  selector: 'app-reserve-panel',
  imports: [Hint, Notice, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <app-study-note [study]="asked" />
    @if (effect(); as e) {
      @if (e.lost) {
        <p class="error">{{ e.lost }}</p>
      }
      <p class="sum">
        <span class="big">{{ e.burns }}</span>
        <span class="quiet">fuel need, all {{ e.carries.length }} legs</span>
      </p>
      <table class="stacks">
        <thead>
          <tr>
            <th scope="col">Leg</th>
            <th scope="col" class="number" appHint="Fuel need">Fuel need</th>
            <th scope="col" class="number" appHint="Reserve">Reserve</th>
          </tr>
        </thead>
        <tbody>
          @for (c of e.carries; track c.name) {
            <tr>
              <th scope="row">{{ c.name }}</th>
              <td data-label="Fuel need" class="number">{{ c.burns }}</td>
              <td data-label="Reserve" class="number">{{ c.reserve }}</td>
            </tr>
          }
        </tbody>
      </table>
      <app-notice [kind]="e.isLighter ? 'success' : 'warning'">{{ e.sum }}</app-notice>
    } @else if (!asked.problem()) {
      <p class="quiet">Planning the trip on both…</p>
    }
  `,
  styleUrls: ['../../ui/table.less', '../../parts/answer/answer-sums.less'],
  styles: `
    // room for what is planned, so that nothing jumps when it is known
    :host {
      min-height: 17rem;
      margin-top: 0;
    }
    th {
      white-space: normal;
    }
  `,
})
export class ReservePanel {
  private readonly worker = inject(StudyWorker);
  private readonly store = inject(WorkspaceStore);
  private readonly risks = inject(RiskService);
  private readonly units = inject(Units);
  readonly calibration = input.required<Calibration>();

  protected readonly asked = study(
    RESTING,
    () => ({ trip: this.store.trip(), calibration: this.calibration(), mishaps: this.risks.mishaps() }),
    ({ trip, calibration, mishaps }, run) => this.worker.ask('ownBurner', { trip }, { calibration, mishaps }, run),
  );
  protected readonly effect = computed(() => {
    const found = this.asked.fresh() ? this.asked.last()?.answer : undefined;
    if (!found) return undefined;
    const sum = (of: (c: CarryOnOwn) => number): number => found.carries.reduce((a, c) => a + of(c), 0);
    const [burns, reserve] = [sum((c) => c.demandAfterG - c.demandBeforeG), sum((c) => c.reserveAfterG - c.reserveBeforeG)];
    const text = (g: number): string => this.units.text(Math.abs(g), 'mass');
    return {
      lost:
        found.mealsLost > 0
          ? `On your own stove ${found.mealsLost} more hot ${found.mealsLost === 1 ? 'meal stays' : 'meals stay'} cold on this trip: what follows is no saving.`
          : '',
      burns: this.units.signed(burns, 'mass'),
      isLighter: reserve <= 0 && found.mealsLost === 0,
      sum:
        reserve > 0
          ? `${text(reserve)} more reserve for the same run-out risk: what was found, wind above all, asks for it.`
          : `${text(reserve)} less reserve for the same run-out risk.`,
      carries: found.carries.map((c) => ({
        name: `to ${c.to}`,
        burns: `${this.units.number(c.demandBeforeG, 'mass')} → ${this.units.text(c.demandAfterG, 'mass')}`,
        reserve: `${this.units.number(c.reserveBeforeG, 'mass')} → ${this.units.text(c.reserveAfterG, 'mass')}`,
      })),
    };
  });
}
