import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { unscreenedWindMps } from '@tinder/core/physics/burn';
import { LIMITS, type Day } from '@tinder/core/domain/model';
import { dateOfDay, isSimulated, paintDays, stopDays } from '@tinder/core/domain/trail';
import { DayMarker } from '../../planning/day-marker';
import { PlanService } from '../../planning/plan-service';
import { WorkspaceStore } from '../../store/workspace-store';
import { optionsOf } from '../../ui/pick-field';
import { TablePick } from '../../ui/table-pick';
import { QuantityField } from '../../ui/quantity-field';
import { SOURCE_WORDS } from '../../words/trail-words';
import { Hint } from '../../ui/hint';
import { shortDateText } from '../../words/date-text';

/** Every day of the marked leg as a row to type in. */
@Component({
  selector: 'app-days-table',
  imports: [Hint, TablePick, QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 id="days-title">Days from {{ span().from }} to {{ span().to }}</h2>
    <div class="scroll">
      <table class="stacks" aria-labelledby="days-title">
        <thead>
          <tr>
            <th scope="col">Day</th>
            @for (c of columns; track c.key) {
              <th scope="col" class="number" [appHint]="c.hint">{{ c.name }}</th>
            }
            <th scope="col" class="number" appHint="wind at a flame">Wind at a flame</th>
            <th scope="col" class="wide" appHint="water, of a day">Water</th>
            <th scope="col"><span class="hidden-text">marks</span></th>
          </tr>
        </thead>
        <tbody>
          @for (r of rows(); track r.number) {
            <tr [class.on]="r.number === marker.day()" (focusin)="marker.goTo(r.number)">
              <th scope="row">
                {{ r.number }} <span class="quiet">{{ r.date }}</span>
              </th>
              @for (c of columns; track c.key) {
                <td class="number" [attr.data-label]="c.name">
                  <app-quantity-field
                    [label]="c.name + ' of day ' + r.number"
                    [quantity]="c.quantity"
                    [decimals]="c.decimals"
                    [value]="r.day[c.key]"
                    [limits]="c.limits"
                    (valueChange)="type(r.number, c.key, c.name, $event)"
                  />
                </td>
              }
              <td class="number" data-label="Wind at a flame">
                <app-quantity-field
                  [label]="'Wind at a flame of day ' + r.number"
                  quantity="speed"
                  [value]="r.windMps"
                  [limits]="L.flameMps"
                  (valueChange)="paint(r.number, 'wind', { wind: { kind: 'flame', mps: $event } })"
                />
              </td>
              <td class="picks" data-label="Water">
                <app-table-pick
                  [label]="'Water source of day ' + r.number"
                  [options]="sources"
                  [value]="r.day.source"
                  (valueChange)="paint(r.number, 'water', { source: $event })"
                />
              </td>
              <td class="quiet" data-label="">{{ r.marks }}</td>
            </tr>
          }
        </tbody>
      </table>
    </div>
  `,
  styleUrl: '../../ui/table.less',
})
export class DaysTable {
  private readonly store = inject(WorkspaceStore);
  protected readonly marker = inject(DayMarker);
  protected readonly L = LIMITS;
  protected readonly sources = optionsOf(SOURCE_WORDS);
  protected readonly columns = [
    { key: 'km', name: 'walk', hint: 'walk', quantity: 'distance', decimals: 1, limits: LIMITS.km },
    { key: 'ascentM', name: 'ascent', hint: 'ascent', quantity: 'altitude', decimals: 0, limits: LIMITS.ascentM },
    { key: 'altitudeM', name: 'camp height', hint: 'Altitude', quantity: 'altitude', decimals: 0, limits: LIMITS.altitudeM },
    { key: 'supperAirC', name: 'dinner air', hint: 'Evenings', quantity: 'temperature', decimals: 0, limits: LIMITS.airC },
    { key: 'breakfastAirC', name: 'breakfast air', hint: 'Mornings', quantity: 'temperature', decimals: 0, limits: LIMITS.airC },
    { key: 'waterC', name: 'water', hint: 'Water temperature', quantity: 'temperature', decimals: 0, limits: LIMITS.waterC },
  ] as const;

  private readonly leg = inject(PlanService).leg;
  protected readonly span = computed(() => {
    const { stops } = this.store.trip();
    return { from: stops[this.leg()].name, to: stops[this.leg() + 1].name };
  });
  protected readonly rows = computed(() => {
    const trip = this.store.trip();
    const before = stopDays(trip)[this.leg()];
    return trip.legs[this.leg()].days.map((day, i) => ({
      number: before + i + 1,
      date: shortDateText(dateOfDay(trip.startDate, before + i + 1)),
      day,
      windMps: unscreenedWindMps(day.wind),
      marks: marksOf(day),
    }));
  });

  protected type(day: number, key: (typeof this.columns)[number]['key'], name: string, value: number): void {
    this.paint(day, name, { [key]: value });
  }

  protected paint(day: number, label: string, values: Partial<Day>): void {
    this.store.editTrail(`${label} of day ${day}`, (t) => paintDays(t, day, day, values));
  }
}

function marksOf(day: Day): string {
  const out =
    day.eatsOut.breakfast && day.eatsOut.supper
      ? 'every meal out'
      : day.eatsOut.supper
        ? 'dinner out'
        : day.eatsOut.breakfast
          ? 'breakfast out'
          : '';
  const climate = ['supperAirC', 'breakfastAirC', 'waterC', 'wind'].filter((k) => isSimulated(day, k)).length;
  return [out, climate === 0 ? '' : climate === 4 ? 'simulated climate' : 'partly simulated climate'].filter(Boolean).join(', ');
}
