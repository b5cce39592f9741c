import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Calibration } from '@tinder/core/model';
import type { CarryOnOwn } from '@tinder/core/study';
import { RiskService } from '../planning/risk-service';
import { RESTING, study } from '../planning/study';
import { StudyWorker } from '../planning/study-worker';
import { WorkspaceStore } from '../store/workspace-store';
import { StudyNote } from '../ui/study-note';
import { Units } from '../words/units';
import { Hint } from '../ui/hint';

/** What this trip burns, and what it must keep in reserve, on the catalogue's burner and on one's own. */
@Component({
  selector: 'app-reserve-panel',
  imports: [Hint, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h3 class="sign">What it does to this trip</h3>
    <app-study-note [study]="asked" />
    @if (effect(); as e) {
      @if (e.lost) {
        <p class="error">{{ e.lost }}</p>
      }
      <p class="sum">{{ e.sum }}</p>
      <table class="stacks">
        <thead>
          <tr>
            <th scope="col">Carry</th>
            <th scope="col" class="number" appHint="Fuel need">Burns</th>
            <th scope="col" class="number" appHint="Reserve">Reserve</th>
          </tr>
        </thead>
        <tbody>
          @for (c of e.carries; track c.name) {
            <tr>
              <th scope="row">{{ c.name }}</th>
              <td data-label="Burns" class="number">{{ c.burns }}</td>
              <td data-label="Reserve" class="number">{{ c.reserve }}</td>
            </tr>
          }
        </tbody>
      </table>
    } @else if (!asked.problem()) {
      <p class="quiet">Planning the trip on both…</p>
    }
  `,
  styleUrl: '../ui/table.less',
  styles: `
    .sum {
      margin: 0.25rem 0;
      font-weight: 600;
      line-height: 1.3;
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
      sum: `Over all carries it burns ${text(burns)} ${burns > 0 ? 'more' : 'less'}, and the reserve for the same risk is ${text(reserve)} ${reserve > 0 ? 'larger: what was found, wind above all, asks for it' : 'smaller: so much need not be carried for not knowing the burner'}.`,
      carries: found.carries.map((c) => ({
        name: `${c.from} – ${c.to}`,
        burns: `${this.units.number(c.demandBeforeG, 'mass')} → ${this.units.text(c.demandAfterG, 'mass')}`,
        reserve: `${this.units.number(c.reserveBeforeG, 'mass')} → ${this.units.text(c.reserveAfterG, 'mass')}`,
      })),
    };
  });
}
