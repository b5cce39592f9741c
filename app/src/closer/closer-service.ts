import { computed, effect, inject, Injectable, signal } from '@angular/core';
import { planDayOf, type BurnFacts } from '@tinder/core';
import { DayMarker } from '../state/day-marker';
import { PlanService, type Planned } from '../state/plan-service';
import type { Closer, CloserSubject } from '../workers/planner';

/** What the closer look is about: one hot meal of the marked day, and what the worker found for it. */
@Injectable({ providedIn: 'root' })
export class CloserService {
  private readonly plans = inject(PlanService);
  private readonly marker = inject(DayMarker);
  private readonly found = signal<Closer>({});

  /** The subject that is open: nothing else is worked out. */
  readonly subject = signal<CloserSubject>('flame');
  /** Supper unless only breakfast is hot. */
  readonly meal = computed(() => {
    const plan = this.plans.plan();
    if (!plan) return undefined;
    const { meals } = planDayOf(plan, this.marker.day());
    return meals.supper ?? meals.breakfast;
  });
  /** Empty while nothing is known yet; an older answer stays until the newer one is there. */
  readonly closer = this.found.asReadonly();

  constructor() {
    effect(() => {
      const planned = this.plans.planned();
      const facts = this.meal()?.facts;
      const subject = this.subject();
      if (planned && facts) void this.look(subject, planned, facts);
    });
  }

  private async look(subject: CloserSubject, planned: Planned, facts: BurnFacts): Promise<void> {
    const { windMps, altitudeM } = planDayOf(planned.plan, this.marker.day());
    const closer = await this.plans.closer(subject, planned, facts, { ...facts, flameWindMps: windMps, potWindMps: windMps }, altitudeM);
    const current = this.plans.planned()?.plan === planned.plan && this.meal()?.facts === facts && this.subject() === subject;
    if (current) this.found.set(closer);
  }
}
