import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { Ribbon } from '../../charts/ribbon';
import { BEYOND_PX } from '../../charts/ribbon-geometry';
import { PlanService } from '../../planning/plan-service';
import { Sides } from '../../commands/sides';
import { wideScreen } from '../../ui/wide-screen';
import { DayDishes } from './day-dishes';
import { DishCardPanel } from './dish-card';
import { DishFields } from './dish-fields';
import { MenuAnswer } from './menu-answer';
import { FoodTables } from './food-tables';
import { HabitPanel } from './habit-panel';
import { MissingPart } from '../../ui/missing-part';

const SIDES = [
  { value: 'dishes', label: 'Dishes' },
  { value: 'habits', label: 'What habits cost' },
  { value: 'food', label: 'Food by stop' },
] as const;
type Side = (typeof SIDES)[number]['value'];

/** Menu: what is eaten, how it is cooked, and what every habit costs over this trip. */
@Component({
  selector: 'app-menu-view',
  imports: [DayDishes, DishCardPanel, DishFields, MenuAnswer, MissingPart, FoodTables, HabitPanel, Ribbon, Sides],
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
                  <div class="dishes">
                    <app-day-dishes [plan]="p.plan" />
                    <app-dish-fields />
                  </div>
                  <app-dish-card />
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
          <app-menu-answer class="answer" [carry]="carry" [plan]="p.plan" />
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
    .panels {
      display: grid;
      grid-template-columns: minmax(0, 1.1fr) minmax(0, 1.3fr);
      gap: 0.75rem 1.75rem;
      margin-top: 0.5rem;
    }
    // room for the dish, so that what stands below it does not jump when it is known
    app-dish-fields {
      display: block;
      min-height: 11rem;
      margin-top: 0.75rem;
    }
    app-dish-card {
      min-height: 26rem;
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
}
