import { computed, inject, Injectable, signal } from '@angular/core';
import { planDayOf } from '@tinder/core/planning/planned';
import { DayMarker } from '../../planning/day-marker';
import { PlanService } from '../../planning/plan-service';

export type CloserSubject = 'flame' | 'cold' | 'dose' | 'rest';

/** What the closer look is about: one subject, and one hot meal of the marked day. */
@Injectable({ providedIn: 'root' })
export class CloserService {
  private readonly plans = inject(PlanService);
  private readonly marker = inject(DayMarker);

  /** The subject that is open: nothing else is worked out. */
  readonly subject = signal<CloserSubject>('flame');
  /** Supper unless only breakfast is hot. */
  readonly meal = computed(() => {
    const plan = this.plans.plan();
    if (!plan) return undefined;
    const { meals } = planDayOf(plan, this.marker.day());
    return meals.supper ?? meals.breakfast;
  });
  /** What a study of the meal is asked about; an older plan's answers stay until the newer are there. */
  readonly asked = computed(() => {
    const planned = this.plans.planned();
    return planned && { planned, day: Math.min(this.marker.day(), planned.plan.days.length) };
  });
}
