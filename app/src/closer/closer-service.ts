import { computed, effect, inject, Injectable, signal } from '@angular/core';
import type { BurnFacts, MealName } from '@tinder/core';
import { DayMarker } from '../state/day-marker';
import { PlanService, type Planned } from '../state/plan-service';
import type { Closer } from '../workers/planner';

/** What the closer look is about: one hot meal of the marked day, and what the worker found for it. */
@Injectable({ providedIn: 'root' })
export class CloserService {
  private readonly plans = inject(PlanService);
  private readonly marker = inject(DayMarker);
  private readonly found = signal<{ of: Planned; facts: BurnFacts; closer: Closer } | undefined>(undefined);

  /** Supper unless only breakfast is hot. */
  readonly meal = computed(() => {
    const days = this.plans.plan()?.days;
    const day = days?.[Math.min(this.marker.day(), days.length) - 1];
    const name: MealName | undefined = day?.meals.supper ? 'supper' : day?.meals.breakfast ? 'breakfast' : undefined;
    return name && day?.meals[name];
  });
  /** Undefined while nothing is known yet; an older answer stays until the newer one is there. */
  readonly closer = computed(() => this.found()?.closer);

  constructor() {
    effect(() => {
      const planned = this.plans.planned();
      const facts = this.meal()?.facts;
      if (planned && facts) void this.look(planned, facts);
    });
  }

  private async look(planned: Planned, facts: BurnFacts): Promise<void> {
    const { windMps } = planned.plan.days[this.marker.day() - 1] ?? planned.plan.days[0];
    const closer = await this.plans.closer(planned, facts, { ...facts, flameWindMps: windMps, potWindMps: windMps });
    if (this.plans.planned()?.plan === planned.plan && this.meal()?.facts === facts) this.found.set({ of: planned, facts, closer });
  }
}
