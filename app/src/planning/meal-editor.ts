import { inject, Injectable } from '@angular/core';
import { dishOn, editDishOn } from '@tinder/core/domain/menu';
import type { Meal, MealName } from '@tinder/core/domain/model';
import type { PlanDay } from '@tinder/core/planning/planned';
import { WorkspaceStore } from '../store/workspace-store';
import { PART_WORDS } from '../words/part-words';

/** Reads and edits the dish that a planned day has for one of its meals, wherever it is set. */
@Injectable({ providedIn: 'root' })
export class MealEditor {
  private readonly store = inject(WorkspaceStore);

  dish({ day, dishes }: PlanDay, name: MealName): Meal {
    return dishOn(this.store.trip(), day, name, dishes);
  }

  edit({ day, dishes }: PlanDay, name: MealName, what: string, change: Partial<Meal>): void {
    this.store.editTrip(`${PART_WORDS[name]}: ${what}`, (t) => editDishOn(t, day, name, dishes, (m) => ({ ...m, ...change })));
  }
}
