import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import type { MealName } from '@tinder/core/model';
import { AnswerColumn } from '../answer/answer-column';
import { Ribbon } from '../charts/ribbon';
import { BEYOND_PX } from '../charts/ribbon-geometry';
import { PlanService } from '../planning/plan-service';
import { Sides } from '../commands/sides';
import { wideScreen } from '../ui/wide-screen';
import { DayDishes } from './day-dishes';
import { DishPanel } from './dish-panel';
import { FoodTables } from './food-tables';
import { HabitPanel } from './habit-panel';
import { MissingPart } from '../ui/missing-part';

const SIDES = [
  { value: 'dishes', label: 'Dishes' },
  { value: 'habits', label: 'What habits cost' },
  { value: 'food', label: 'Food by stop' },
] as const;
type Side = (typeof SIDES)[number]['value'];

/** Menu: what is eaten, how it is cooked, and what every habit costs over this trip. */
@Component({
  selector: 'app-menu-view',
  imports: [MissingPart, AnswerColumn, DayDishes, DishPanel, FoodTables, HabitPanel, Ribbon, Sides],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h1 class="hidden-text">Menu</h1>
    @if (plans.planned(); as p) {
      <div [class.one-look]="side() === 'dishes'">
        <div>
          <app-sides
            class="sides"
            label="What of the menu"
            panelId="menu-side"
            [options]="sides"
            [value]="side()"
            (valueChange)="side.set($event)"
          />
          <div class="axis">
            <app-ribbon [plan]="p.plan" [editable]="true" [low]="true" [roomBeyond]="beyond" [style.margin-right.px]="beyond" />
          </div>
          <div id="menu-side" role="tabpanel" [attr.aria-labelledby]="'menu-side-' + side()">
            @switch (side()) {
              @case ('dishes') {
                <div class="panels">
                  <app-day-dishes [plan]="p.plan" [(part)]="part" />
                  <app-dish-panel [part]="part()" />
                </div>
                @if (wide()) {
                  <app-food-tables [plan]="p.plan" />
                }
              }
              @case ('habits') {
                @defer (on immediate) {
                  <app-habit-panel />
                } @error {
                  <app-missing-part />
                }
              }
              @case ('food') {
                <app-food-tables [plan]="p.plan" />
              }
            }
          </div>
        </div>
        @if (side() === 'dishes' && plans.carry(); as carry) {
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
    .panels {
      display: grid;
      grid-template-columns: minmax(0, 1.1fr) minmax(0, 1.1fr);
      gap: 0.75rem 2rem;
    }
    // room for the card of a dish, so that what stands below it does not jump when it comes
    @media (min-width: 1700px) {
      .panels {
        min-height: 32.5rem;
      }
    }
    @media (max-width: 1000px) {
      .panels {
        grid-template-columns: minmax(0, 1fr);
      }
    }
  `,
})
export class MenuView {
  protected readonly beyond = BEYOND_PX;
  protected readonly plans = inject(PlanService);
  /** The food of every stop stands below the dishes where there is room for it. */
  protected readonly wide = wideScreen();
  protected readonly sides = SIDES;
  protected readonly side = signal<Side>('dishes');
  /** The part of the day that the card is about. */
  protected readonly part = signal<MealName>('supper');
}
