import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { unscreenedWindMps } from '@tinder/core/physics/burn';
import { LIMITS, type Day } from '@tinder/core/domain/model';
import type { Plan } from '@tinder/core/planning/planned';
import { dateOfDay, isSimulated, paintDays, stopDays } from '@tinder/core/domain/trail';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { DayMarker } from '../../planning/day-marker';
import { LegEditor } from '../../planning/leg-editor';
import { PlanService } from '../../planning/plan-service';
import { WorkspaceStore } from '../../store/workspace-store';
import { Hint } from '../../ui/hint';
import { optionsOf } from '../../ui/pick-field';
import { QuantityField } from '../../ui/quantity-field';
import { TablePick } from '../../ui/table-pick';
import { SOURCE_WORDS } from '../../words/trail-words';
import { Units } from '../../words/units';
import { nearestWindWord, windSpeeds } from '../../words/wind-words';
import { shortDateText } from '../../words/date-text';

/** What of a day is typed or picked, and filled into the others. */
const ROWS = [
  { key: 'supperAirC', name: 'Evening', hint: 'Evenings', quantity: 'temperature', limits: LIMITS.airC },
  { key: 'breakfastAirC', name: 'Morning', hint: 'Mornings', quantity: 'temperature', limits: LIMITS.airC },
  { key: 'altitudeM', name: 'Camp', hint: 'Altitude', quantity: 'altitude', limits: LIMITS.altitudeM },
  { key: 'wind', name: 'Wind', hint: 'Wind' },
  { key: 'source', name: 'Water', hint: 'Water' },
] as const;
type Row = (typeof ROWS)[number];

/** The days of the leg at hand side by side under the ribbon, each to type in; what one day has can be filled into all of them. */
@Component({
  selector: 'app-leg-days',
  imports: [Hint, NzButtonComponent, QuantityField, TablePick],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <table aria-label="Days of this leg">
      <thead>
        <tr>
          <td></td>
          @for (d of days(); track d.number) {
            <th scope="col" class="day" [class.on]="d.number === marker.day()">
              Day {{ d.number }} <span class="quiet">{{ d.date }}</span>
            </th>
          }
          <td></td>
        </tr>
      </thead>
      <tbody>
        @for (r of rows; track r.key) {
          <tr>
            <th scope="row" [appHint]="r.hint">{{ r.name }}</th>
            @for (d of days(); track d.number) {
              <td class="day" [class.on]="d.number === marker.day()" (focusin)="marker.goTo(d.number)">
                @switch (r.key) {
                  @case ('wind') {
                    <app-table-pick
                      [label]="'Wind of day ' + d.number"
                      [options]="winds()"
                      [value]="d.wind"
                      (valueChange)="paint(d.number, r.name, { wind: { kind: 'words', word: $event } })"
                    />
                  }
                  @case ('source') {
                    <app-table-pick
                      [label]="'Water of day ' + d.number"
                      [options]="sources"
                      [value]="d.day.source"
                      (valueChange)="paint(d.number, r.name, { source: $event })"
                    />
                  }
                  @default {
                    <app-quantity-field
                      [label]="r.name + ' of day ' + d.number"
                      [quantity]="r.quantity"
                      [value]="d.day[r.key]"
                      [limits]="r.limits"
                      (valueChange)="type(d.number, r, $event)"
                    />
                  }
                }
              </td>
            }
            <td>
              <button nz-button nzSize="small" type="button" [attr.aria-label]="fillLabel(r)" (click)="fill(r)">Fill</button>
            </td>
          </tr>
        }
        <tr>
          <th scope="row" appHint="Fuel need">Fuel need</th>
          @for (d of days(); track d.number) {
            <td class="day need" [class.on]="d.number === marker.day()">
              <b>{{ d.fuel }}</b>
              <span class="bar" [style.width.%]="d.share"></span>
              @if (d.isSimulated) {
                <span class="quiet">simulated climate</span>
              }
            </td>
          }
          <td></td>
        </tr>
      </tbody>
    </table>
  `,
  styles: `
    :host {
      display: block;
      overflow-x: auto;
      border: solid var(--ink);
      border-width: 0 1px 1px;
    }
    table {
      width: 100%;
      border-collapse: collapse;
    }
    th,
    td {
      min-width: 5rem;
      padding: 0.3125rem 0.25rem;
      border-top: 1px solid var(--hairline);
      text-align: left;
      font-weight: 600;
      vertical-align: top;
    }
    thead th,
    thead td {
      border-top: 0;
      white-space: nowrap;
    }
    tbody th {
      min-width: 4.25rem;
      padding-left: 0.5rem;
      vertical-align: middle;
    }
    td:last-child {
      width: 3.25rem;
      min-width: 0;
    }
    // what fills a row comes with the row
    td:last-child button {
      visibility: hidden;
    }
    tr:hover button,
    tr:focus-within button {
      visibility: visible;
    }
    th.on {
      box-shadow: inset 0 -3px var(--ink);
    }
    // on a phone the marked day stands alone; another is marked on the ribbon
    @media (max-width: 720px) {
      .day:not(.on) {
        display: none;
      }
      td:last-child button {
        visibility: visible;
      }
    }
    .need {
      line-height: 1.3;
    }
    .bar {
      display: block;
      height: 3px;
      margin-top: 3px;
      background: var(--ember);
    }
    .quiet {
      font-size: 0.8125rem;
      font-weight: 500;
    }
  `,
})
export class LegDays {
  private readonly store = inject(WorkspaceStore);
  private readonly units = inject(Units);
  private readonly leg = inject(PlanService).leg;
  private readonly editor = inject(LegEditor);
  protected readonly marker = inject(DayMarker);
  readonly plan = input.required<Plan>();

  protected readonly sources = optionsOf(SOURCE_WORDS);
  protected readonly winds = computed(() => windSpeeds(this.units));
  protected readonly rows = ROWS;

  protected readonly days = computed(() => {
    const trip = this.store.trip();
    const before = stopDays(trip)[this.leg()];
    const planned = this.plan().days;
    const days = trip.legs[this.leg()].days;
    const mostG = Math.max(1, ...days.map((_, i) => planned.at(before + i)?.fuelG ?? 0));
    return days.map((day, i) => {
      const number = before + i + 1;
      const fuelG = planned.at(number - 1)?.fuelG ?? 0;
      return {
        number,
        date: shortDateText(dateOfDay(trip.startDate, number)),
        day,
        wind: nearestWindWord(unscreenedWindMps(day.wind)),
        fuel: this.units.text(fuelG, 'mass'),
        share: (100 * fuelG) / mostG,
        isSimulated: (['supperAirC', 'breakfastAirC', 'waterC', 'wind'] as const).some((k) => isSimulated(day, k)),
      };
    });
  });
  /** The day that the others can be made like. */
  protected readonly marked = computed(() => this.days().find((d) => d.number === this.marker.day()) ?? this.days()[0]);

  protected fillLabel({ name }: Row): string {
    return `Fill: ${name} of day ${this.marked().number} into all days of this leg`;
  }

  protected type(day: number, { key, name }: Row, value: number): void {
    this.paint(day, name, { [key]: value });
  }

  protected paint(day: number, name: string, values: Partial<Day>): void {
    this.store.editTrail(`${name} of day ${day}`, (t) => paintDays(t, day, day, values));
  }

  protected fill({ key, name }: Row): void {
    this.editor.paint(this.leg(), `${name} of all days`, { [key]: this.marked().day[key] });
  }
}
