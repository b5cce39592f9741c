import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { NzInputDirective } from 'ng-zorro-antd/input';
import { LIMITS, type Restriction } from '@tinder/core/domain/model';
import type { CarryPlan, Plan } from '@tinder/core/planning/planned';
import { editLeg, stopDays, stretchLeg } from '@tinder/core/domain/trail';
import { Figure } from '../../parts/ledger/figure';
import { containersInWords } from '../../words/container-words';
import { DayMarker } from '../../planning/day-marker';
import { WorkspaceStore } from '../../store/workspace-store';
import { optionsOf } from '../../ui/pick-field';
import { TablePick } from '../../ui/table-pick';
import { QuantityField } from '../../ui/quantity-field';
import { Units } from '../../words/units';
import { RESTRICTION_WORDS } from '../../words/trail-words';
import { Hint } from '../../ui/hint';

/** The legs as a table: the ribbon's twin for those who type, and what each carry takes along. */
@Component({
  selector: 'app-legs-table',
  imports: [Figure, Hint, NzInputDirective, QuantityField, TablePick],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 id="legs-title">Stops and legs</h2>
    <div class="scroll">
      <table class="stacks" aria-labelledby="legs-title">
        <thead>
          <tr>
            <th scope="col">From</th>
            <th scope="col">To</th>
            <th scope="col" class="number">Days</th>
            <th scope="col" class="number" appHint="walk">Walk</th>
            <th scope="col" class="number" appHint="ascent">Ascent</th>
            <th scope="col" class="number" appHint="coldest">Coldest</th>
            <th scope="col" class="wide" appHint="flame allowed?">Flame allowed?</th>
            <th scope="col" class="wide" appHint="asked where and when">Asked where and when</th>
            <th scope="col" class="number" appHint="Fuel need">Fuel need</th>
            <th scope="col" appHint="out of the stop">Out of the stop</th>
          </tr>
        </thead>
        <tbody>
          @for (r of rows(); track r.id) {
            <tr [class.on]="r.marked" (focusin)="marker.goTo(r.firstDay)">
              <th scope="row">
                <button type="button" class="figure go" (click)="marker.release(); marker.goTo(r.firstDay)">{{ r.from }}</button>
              </th>
              <td data-label="To">{{ r.to }}</td>
              <td data-label="Days" class="number">
                <app-quantity-field
                  [label]="'Days from ' + r.from + ' to ' + r.to"
                  quantity="days"
                  [value]="r.days"
                  [limits]="L.dayCount"
                  (valueChange)="days($index, $event)"
                />
              </td>
              <td data-label="Walk" class="number">{{ units.text(r.km, 'distance') }}</td>
              <td data-label="Ascent" class="number">{{ units.text(r.ascentM, 'altitude') }}</td>
              <td data-label="Coldest" class="number cold">{{ units.text(r.coldestC, 'temperature') }}</td>
              <td data-label="Flame allowed?" class="picks">
                <app-table-pick
                  [label]="'Flame between ' + r.from + ' and ' + r.to"
                  [options]="restrictions"
                  [value]="r.restriction"
                  (valueChange)="restrict($index, $event)"
                />
              </td>
              <td data-label="Asked where and when">
                <input
                  nz-input
                  class="left"
                  maxlength="300"
                  [attr.aria-label]="'Where the rules between ' + r.from + ' and ' + r.to + ' were asked'"
                  [value]="r.note"
                  (change)="note($index, $any($event.target).value)"
                />
              </td>
              <td data-label="Fuel need" class="number">{{ units.text(r.burnsG, 'mass') }}</td>
              <td data-label="Out of the stop">
                @if (r.carry; as c) {
                  @if (c.containers.length) {
                    <app-figure [text]="loadout(c)" [ref]="{ kind: 'loadout', stopId: c.fromStopId }" />
                  } @else {
                    no fuel
                  }
                } @else {
                  <span class="quiet">carried from before</span>
                }
              </td>
            </tr>
          }
        </tbody>
      </table>
    </div>
  `,
  styleUrl: '../../ui/table.less',
})
export class LegsTable {
  protected readonly units = inject(Units);
  protected readonly marker = inject(DayMarker);
  private readonly store = inject(WorkspaceStore);
  protected readonly L = LIMITS;
  protected readonly restrictions = optionsOf(RESTRICTION_WORDS);

  readonly plan = input.required<Plan>();

  protected readonly rows = computed(() => {
    const trip = this.store.trip();
    const at = stopDays(trip);
    const { carries, days } = this.plan();
    return trip.legs.map((leg, i) => ({
      id: trip.stops[i].id,
      from: trip.stops[i].name,
      to: trip.stops[i + 1].name,
      firstDay: at[i] + 1,
      marked: this.marker.day() > at[i] && this.marker.day() <= at[i + 1],
      days: leg.days.length,
      km: leg.days.reduce((sum, d) => sum + d.km, 0),
      ascentM: leg.days.reduce((sum, d) => sum + d.ascentM, 0),
      coldestC: Math.min(...leg.days.map((d) => d.breakfastAirC)),
      restriction: leg.restriction,
      note: leg.restrictionNote,
      burnsG: days.reduce((sum, d) => sum + (d.leg === i ? d.fuelG : 0), 0),
      carry: carries.find((c) => c.fromStopId === trip.stops[i].id),
    }));
  });

  protected loadout(carry: CarryPlan): string {
    return containersInWords(carry, this.units);
  }

  protected days(leg: number, count: number): void {
    this.store.editTrail('days', (t) => stretchLeg(t, leg, count));
  }

  protected restrict(leg: number, restriction: Restriction): void {
    this.store.editTrip('fire restriction', (t) => editLeg(t, leg, { restriction }));
  }

  protected note(leg: number, words: string): void {
    this.store.editTrip('note on the rules', (t) => editLeg(t, leg, { restrictionNote: words.trim() }));
  }
}
