import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { AnswerColumn } from '../../parts/answer/answer-column';
import { Ribbon } from '../../charts/ribbon';
import { rem } from '../../platform/page-scale';
import { PlanService } from '../../planning/plan-service';
import { Sides } from '../../commands/sides';
import { Opened } from '../../ui/opened';
import { wideScreen } from '../../ui/wide-screen';
import { BrushPanel } from './brush-panel';
import { DaysTable } from './days-table';
import { LegDays } from './leg-days';
import { LegFan } from './leg-fan';
import { LegsTable } from './legs-table';
import { StopPanel } from './stop-panel';
import { TripPanel } from './trip-panel';
import { MissingPart } from '../../ui/missing-part';

/** Width of the stop and the gap beside it, px of a page at its usual size. */
const STOP_PX = 240;
const GAP_PX = 24;
/** Room left of the axis, as `--gutter` has it. */
const GUTTER_PX = 56;

const SIDES = [
  { value: 'days', label: 'Days and stop' },
  { value: 'legs', label: 'Stops and legs' },
  { value: 'table', label: 'Day by day' },
  { value: 'trip', label: 'Trip' },
] as const;
type Side = (typeof SIDES)[number]['value'];

/** Trail: stops, legs, days and what they are like; by hand on the ribbon, or typed in its table twins. */
@Component({
  selector: 'app-trail-view',
  imports: [MissingPart, AnswerColumn, BrushPanel, DaysTable, LegDays, LegFan, LegsTable, Opened, Ribbon, Sides, StopPanel, TripPanel],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h1 class="hidden-text">Trail</h1>
    @if (plans.planned(); as p) {
      <div [class.one-look]="side() === 'days'">
        <div>
          <app-sides
            class="sides"
            label="What of the trail"
            panelId="trail-side"
            [options]="sides"
            [value]="side()"
            (valueChange)="side.set($event)"
          />
          <div class="axis">
            <app-ribbon [plan]="p.plan" [editable]="true" />
            @if (side() === 'days') {
              <app-leg-fan [plan]="p.plan" [from]="fanFrom" />
            }
          </div>
          <div id="trail-side" role="tabpanel" [attr.aria-labelledby]="'trail-side-' + side()">
            @switch (side()) {
              @case ('days') {
                <div class="panels" [style.--stop]="rem(stopPx)" [style.column-gap]="rem(gapPx)">
                  <app-stop-panel />
                  <div>
                    <app-leg-days [plan]="p.plan" />
                    <details appOpened #more="opened">
                      <summary>Several days at once; add or delete days</summary>
                      @if (more.once()) {
                        <app-brush-panel />
                      }
                    </details>
                  </div>
                </div>
                <p class="quiet how">
                  Drag over the land to select several days. Drag a diamond to move a stop; with Shift the leg before it gets longer. Wind:
                  <b>/</b> calm, <b>//</b> light, <b>///</b> moderate, <b>////</b> strong.
                </p>
                @if (wide()) {
                  <app-legs-table [plan]="p.plan" />
                }
              }
              @case ('legs') {
                <app-legs-table [plan]="p.plan" />
              }
              @case ('table') {
                @defer (on immediate) {
                  <app-days-table />
                } @error {
                  <app-missing-part />
                }
              }
              @case ('trip') {
                @defer (on immediate) {
                  <app-trip-panel />
                } @error {
                  <app-missing-part />
                }
              }
            }
          </div>
        </div>
        @if (side() === 'days' && plans.carry(); as carry) {
          <app-answer-column [carry]="carry" [plan]="p.plan" />
        }
      </div>
    }
  `,
  styleUrl: '../../parts/answer/one-look.less',
  styles: `
    :host {
      display: block;
      padding-bottom: 1.5rem;
    }
    .how {
      margin: 0.75rem 0 0;
      font-size: 0.8125rem;
    }
    .panels {
      display: grid;
      grid-template-columns: var(--stop) minmax(0, 1fr);
      row-gap: 0.75rem;
    }
    @media (max-width: 1000px) {
      .panels {
        grid-template-columns: minmax(0, 1fr);
      }
      // the days stand under the stop: there is no table beside it to fan out into
      app-leg-fan {
        display: none;
      }
    }
  `,
})
export class TrailView {
  protected readonly plans = inject(PlanService);
  /** The legs stand below the day where there is room for them. */
  protected readonly wide = wideScreen();
  protected readonly rem = rem;
  protected readonly stopPx = STOP_PX;
  protected readonly gapPx = GAP_PX;
  /** Where the table of days begins, px from the axis. */
  protected readonly fanFrom = STOP_PX + GAP_PX - GUTTER_PX;
  protected readonly sides = SIDES;
  protected readonly side = signal<Side>('days');
}
