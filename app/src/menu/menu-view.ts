import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import type { MealName } from '@tinder/core/model';
import { DayRule } from '../charts/day-rule';
import { Ribbon } from '../charts/ribbon';
import { PlanService } from '../planning/plan-service';
import { DayDishes } from './day-dishes';
import { DishPanel } from './dish-panel';
import { FoodTables } from './food-tables';
import { HabitPanel } from './habit-panel';

/** Menu: what is eaten, how it is cooked, and what every habit costs over this trip. */
@Component({
  selector: 'app-menu-view',
  imports: [DayDishes, DayRule, DishPanel, FoodTables, HabitPanel, Ribbon],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h1 class="hidden-text">Menu</h1>
    @if (plans.planned(); as p) {
      <div class="axis">
        <app-ribbon [plan]="p.plan" [editable]="true" [low]="true" />
        <app-day-rule />
      </div>
      <div class="panels">
        <app-day-dishes [plan]="p.plan" [(part)]="part" />
        <app-dish-panel [part]="part()" />
        <app-habit-panel />
        <app-food-tables [plan]="p.plan" />
      </div>
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
    .panels {
      display: grid;
      grid-template-columns: minmax(0, 1.1fr) minmax(0, 1.1fr) minmax(0, 1fr);
      grid-template-rows: auto 1fr;
      gap: 12px 32px;
      margin: 12px 0 16px;
    }
    app-habit-panel {
      grid-area: 1 / 3 / 3 / 4;
    }
    app-food-tables {
      grid-area: 2 / 1 / 3 / 3;
      min-width: 0;
    }
    @media (max-width: 1000px) {
      .panels {
        grid-template-columns: minmax(0, 1fr);
      }
      app-habit-panel,
      app-food-tables {
        grid-area: auto;
      }
    }
  `,
})
export class MenuView {
  protected readonly plans = inject(PlanService);
  /** The part of the day that the card is about. */
  protected readonly part = signal<MealName>('supper');
}
