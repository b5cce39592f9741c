import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { DayRule } from '../charts/day-rule';
import { Ribbon } from '../charts/ribbon';
import { PlanService } from '../planning/plan-service';
import { BrushPanel } from './brush-panel';
import { DaysTable } from './days-table';
import { LegsTable } from './legs-table';
import { StopPanel } from './stop-panel';
import { TripPanel } from './trip-panel';

/** Trail: stops, legs, days and what they are like; by hand on the ribbon, or typed in its table twins. */
@Component({
  selector: 'app-trail-view',
  imports: [BrushPanel, DayRule, DaysTable, LegsTable, Ribbon, StopPanel, TripPanel],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h1 class="hidden-text">Trail</h1>
    @if (plans.planned(); as p) {
      <div class="axis">
        <app-ribbon [plan]="p.plan" [editable]="true" />
        <app-day-rule />
      </div>
      <p class="quiet how">
        Drag over the land to brush days; drag a stop’s diamond to move it, with Shift to stretch the days before it. Keys: arrows, Shift
        and arrows.
      </p>
      <div class="panels">
        <app-brush-panel />
        <app-stop-panel />
        <app-trip-panel />
      </div>
      <app-legs-table [plan]="p.plan" />
      <app-days-table />
    }
  `,
  styles: `
    :host {
      display: block;
      padding-bottom: 24px;
    }
    .axis {
      position: relative;
      margin-left: var(--gutter);
    }
    .how {
      margin: 2px 0 0 var(--gutter);
      font-size: 13px;
    }
    .panels {
      display: grid;
      grid-template-columns: minmax(0, 1.05fr) minmax(0, 1.2fr) minmax(0, 0.7fr);
      gap: 12px 36px;
      margin: 10px 0 16px;
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
}
