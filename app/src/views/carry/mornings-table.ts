import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { PlanService } from '../../planning/plan-service';
import { Units } from '../../words/units';

/** The weight chart in figures: what is carried every morning, and on arrival at every stop. */
@Component({
  selector: 'app-mornings-table',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <table aria-label="Carried weight, morning by morning">
      <thead>
        <tr>
          <th scope="col">Morning</th>
          <th scope="col" class="number">Fuel</th>
          <th scope="col" class="number">Everything</th>
        </tr>
      </thead>
      @for (c of carries(); track c.id) {
        <tbody>
          <tr>
            <th scope="rowgroup" colspan="3" class="quiet">{{ c.name }}</th>
          </tr>
          @for (m of c.mornings; track m.when) {
            <tr>
              <th scope="row">{{ m.when }}</th>
              <td class="number">{{ m.fuel }}</td>
              <td class="number">{{ m.everything }}</td>
            </tr>
          }
        </tbody>
      }
    </table>
  `,
  styleUrl: '../../ui/plain-table.less',
  styles: `
    table {
      max-width: 26.25rem;
    }
  `,
})
export class MorningsTable {
  private readonly plans = inject(PlanService);
  private readonly units = inject(Units);

  protected readonly carries = computed(() =>
    (this.plans.plan()?.carries ?? []).map((c) => ({
      id: c.fromStopId,
      name: `${c.from} to ${c.to}`,
      mornings: c.profile.days.map((d, i) => ({
        when: i < c.days.length ? `day ${d.day}` : 'on arrival',
        fuel: this.units.text(d.fuelG, 'mass'),
        everything: this.units.text(d.totalG, 'mass'),
      })),
    })),
  );
}
