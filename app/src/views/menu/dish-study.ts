import { computed, inject, Injectable, signal } from '@angular/core';
import { dishOn, editDishOn } from '@tinder/core/domain/menu';
import type { Day, Meal, MealName } from '@tinder/core/domain/model';
import { planDayOf } from '@tinder/core/planning/planned';
import { DayMarker } from '../../planning/day-marker';
import { PlanService } from '../../planning/plan-service';
import { RESTING, study } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { WorkspaceStore } from '../../store/workspace-store';
import { PART_WORDS } from '../../words/part-words';

/** The dish that is looked at on the marked day: how it is cooked, and every change to it. */
@Injectable({ providedIn: 'root' })
export class DishStudy {
  private readonly store = inject(WorkspaceStore);
  private readonly marker = inject(DayMarker);
  private readonly plans = inject(PlanService);
  private readonly worker = inject(StudyWorker);
  /** The part of the day that is looked at. */
  readonly part = signal<MealName>('supper');

  readonly asked = study(
    RESTING,
    () => {
      const planned = this.plans.current();
      return planned && { planned, day: this.marker.day(), part: this.part() };
    },
    ({ planned: { trip, plan }, day, part }, run) => this.worker.ask('dish', { trip, plan }, { day, meal: part }, run),
  );
  /** An older dish stays until the newer one is there. */
  readonly dish = computed(() => this.asked.last()?.answer);
  readonly card = computed(() => this.dish()?.card);

  /** The dish as it was entered, appetite and portion apart: what the fields change. */
  readonly entered = computed((): Meal => {
    const c = this.card();
    const trip = this.store.trip();
    return c ? dishOn(trip, c.day, c.name, this.ownDishes(c.day)) : trip.menu.supper;
  });

  change(what: string, edit: (meal: Meal) => Meal): void {
    const c = this.card();
    if (!c) return;
    this.store.editTrip(`${PART_WORDS[c.name]}: ${what}`, (t) => editDishOn(t, c.day, c.name, this.ownDishes(c.day), edit));
  }

  private ownDishes(day: number): Day['dishes'] {
    const plan = this.plans.plan();
    return plan ? planDayOf(plan, day).dishes : {};
  }
}
