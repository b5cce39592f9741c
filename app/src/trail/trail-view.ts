import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { AnswerColumn } from '../answer/answer-column';
import { Ribbon } from '../charts/ribbon';
import { PlanService } from '../planning/plan-service';
import { Sides } from '../commands/sides';
import { wideScreen } from '../ui/wide-screen';
import { BrushPanel } from './brush-panel';
import { DaysTable } from './days-table';
import { LegsTable } from './legs-table';
import { StopPanel } from './stop-panel';
import { TripPanel } from './trip-panel';
import { MissingPart } from '../ui/missing-part';

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
  imports: [MissingPart, AnswerColumn, BrushPanel, DaysTable, LegsTable, Ribbon, Sides, StopPanel, TripPanel],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h1 class="hidden-text">Trail</h1>
    @if (plans.planned(); as p) {
      <div [class.one-look]="side() === 'days'">
        <div>
          <div class="axis">
            <app-ribbon [plan]="p.plan" [editable]="true" />
          </div>
          <p class="quiet how">
            Drag the land to brush days, a diamond to move a stop (Shift stretches). Wind: <b>/</b> calm, <b>//</b> light,
            <b>///</b> moderate, <b>////</b> strong.
          </p>
          <app-sides
            class="sides"
            label="What of the trail"
            panelId="trail-side"
            [options]="sides"
            [value]="side()"
            (valueChange)="side.set($event)"
          />
          <div id="trail-side" role="tabpanel" [attr.aria-labelledby]="'trail-side-' + side()">
            @switch (side()) {
              @case ('days') {
                <div class="panels">
                  <app-brush-panel />
                  <app-stop-panel />
                </div>
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
  styleUrl: '../answer/one-look.less',
  styles: `
    :host {
      display: block;
      padding-bottom: 1.5rem;
    }
    .how {
      margin: 2px 0 0 var(--gutter);
      font-size: 0.8125rem;
    }
    .panels {
      display: grid;
      grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr);
      gap: 0.75rem 2.25rem;
    }
    @media (max-width: 1000px) {
      .panels {
        grid-template-columns: minmax(0, 1fr);
      }
    }
  `,
})
export class TrailView {
  protected readonly plans = inject(PlanService);
  /** The legs stand below the day where there is room for them. */
  protected readonly wide = wideScreen();
  protected readonly sides = SIDES;
  protected readonly side = signal<Side>('days');
}
