import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { DayRule } from '../charts/day-rule';
import { Ribbon } from '../charts/ribbon';
import { WeightChart } from '../charts/weight-chart';
import { CloserLook } from '../closer/closer-look';
import { PlanService } from '../state/plan-service';
import { KitPanel } from './kit-panel';
import { LoadoutPanel } from './loadout-panel';
import { MealsPanel } from './meals-panel';
import { WalkPanel } from './walk-panel';

/** Carry: what leaves the stop, what it weighs along the way, and everything that moves it. */
@Component({
  selector: 'app-carry-view',
  imports: [CloserLook, DayRule, KitPanel, LoadoutPanel, MealsPanel, Ribbon, WalkPanel, WeightChart],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h1 class="hidden-text">Carry</h1>
    @if (plans.planned(); as p) {
      <div class="axis">
        <app-ribbon [plan]="p.plan" />
        <h2 class="sign">carried weight, morning by morning</h2>
        <app-weight-chart [plan]="p.plan" />
        <app-day-rule />
      </div>
      <div class="panels">
        <app-walk-panel />
        <app-kit-panel />
        <app-meals-panel [plan]="p.plan" />
        @if (plans.carry(); as carry) {
          <app-loadout-panel [carry]="carry" [plan]="p.plan" />
        }
      </div>
      <app-closer-look />
    }
  `,
  styles: `
    :host {
      display: block;
    }
    .axis {
      position: relative;
      margin-left: var(--gutter);
    }
    .axis h2 {
      margin: 6px 0 0;
    }
    .panels {
      display: grid;
      grid-template-columns: minmax(0, 1.08fr) minmax(0, 1.2fr) minmax(0, 0.95fr) minmax(0, 0.85fr);
      gap: 12px 32px;
      margin: 14px 0 20px;
    }
    @media (max-width: 1100px) {
      .panels {
        grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
      }
    }
    @media (max-width: 720px) {
      .panels {
        grid-template-columns: minmax(0, 1fr);
      }
      app-loadout-panel {
        order: -2;
      }
      app-meals-panel {
        order: -1;
      }
    }
  `,
})
export class CarryView {
  protected readonly plans = inject(PlanService);
}
