import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { unscreenedWindMps } from '@tinder/core/physics/burn';
import { LIMITS, type Day } from '@tinder/core/domain/model';
import { legConditions } from '@tinder/core/domain/trail';
import { DayMarker } from '../../planning/day-marker';
import { LegEditor } from '../../planning/leg-editor';
import { PlanService } from '../../planning/plan-service';
import { WorkspaceStore } from '../../store/workspace-store';
import { Hint } from '../../ui/hint';
import { optionsOf } from '../../ui/pick-field';
import { QuantityField } from '../../ui/quantity-field';
import { TablePick } from '../../ui/table-pick';
import { SOURCE_WORDS } from '../../words/trail-words';

/** The conditions of all legs as rows to type in: a number shifts every day of its leg. */
@Component({
  selector: 'app-conditions-table',
  imports: [Hint, QuantityField, TablePick],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 id="conditions-title">Conditions of all legs</h2>
    <div class="scroll">
      <table class="stacks" aria-labelledby="conditions-title">
        <thead>
          <tr>
            <th scope="col">Leg</th>
            <th scope="col" class="number">Days</th>
            @for (c of columns; track c.key) {
              <th scope="col" class="number" [appHint]="c.name">{{ c.name }}</th>
            }
            <th scope="col" class="number" appHint="Wind">Wind</th>
            <th scope="col" class="wide" appHint="Water">Water</th>
          </tr>
        </thead>
        <tbody>
          @for (r of rows(); track r.leg) {
            @let name = r.from + ' to ' + r.to;
            <tr [class.on]="r.leg === marked()" (focusin)="marker.goTo(r.firstDay)">
              <th scope="row">{{ name }}</th>
              <td class="number" data-label="Days">
                <app-quantity-field
                  [label]="'Days, ' + name"
                  quantity="days"
                  [value]="r.lastDay - r.firstDay + 1"
                  [limits]="L.dayCount"
                  (valueChange)="edit.stretch(r.leg, $event)"
                />
              </td>
              @for (c of columns; track c.key) {
                <td class="number" [attr.data-label]="c.name">
                  <app-quantity-field
                    [label]="c.name + ', ' + name"
                    [quantity]="c.quantity"
                    [value]="r[c.key]"
                    [limits]="c.limits"
                    (valueChange)="edit.shift(r.leg, c.key, c.name, { value: $event })"
                  />
                </td>
              }
              <td class="number" data-label="Wind">
                <app-quantity-field
                  [label]="'Wind, ' + name"
                  quantity="speed"
                  [value]="windMps(r.wind)"
                  [limits]="L.flameMps"
                  (valueChange)="edit.paint(r.leg, 'wind', { wind: { kind: 'flame', mps: $event } })"
                />
              </td>
              <td class="picks" data-label="Water">
                <app-table-pick
                  [label]="'Water, ' + name"
                  [options]="sources"
                  [value]="r.source"
                  (valueChange)="edit.paint(r.leg, 'water', { source: $event })"
                />
              </td>
            </tr>
          }
        </tbody>
      </table>
    </div>
  `,
  styleUrl: '../../ui/table.less',
})
export class ConditionsTable {
  private readonly trip = inject(WorkspaceStore).trip;
  protected readonly marker = inject(DayMarker);
  protected readonly edit = inject(LegEditor);
  protected readonly L = LIMITS;
  protected readonly sources: { value: Day['source']; label: string }[] = optionsOf(SOURCE_WORDS);
  protected readonly windMps = unscreenedWindMps;
  protected readonly columns = [
    { key: 'supperAirC', name: 'Evenings', quantity: 'temperature', limits: LIMITS.airC },
    { key: 'breakfastAirC', name: 'Mornings', quantity: 'temperature', limits: LIMITS.airC },
    { key: 'waterC', name: 'Water temperature', quantity: 'temperature', limits: LIMITS.waterC },
    { key: 'altitudeM', name: 'Altitude', quantity: 'altitude', limits: LIMITS.altitudeM },
  ] as const;

  protected readonly rows = computed(() => this.trip().legs.map((_, leg) => legConditions(this.trip(), leg)));
  protected readonly marked = inject(PlanService).leg;
}
