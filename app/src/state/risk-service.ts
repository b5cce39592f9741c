import { computed, effect, inject, Injectable, signal } from '@angular/core';
import { NO_MISHAPS, type Mishaps, type Plan } from '@tinder/core';
import { createPlanWorker } from '../workers/create-plan-worker';
import type { RiskOfCarry } from '../workers/planner';
import { PlanService } from './plan-service';
import { whenResting } from './when-resting';

/** Walkers are asked what risk they would live with; one in fifty until they say so (common practice). */
export const RISK_LIMIT = 0.02;

/** Follows the plan with the risk that each carry runs out, drawn thousands of times in a worker of its own; never shown for an older plan. */
@Injectable({ providedIn: 'root' })
export class RiskService {
  private readonly plans = inject(PlanService);
  private readonly worker = createPlanWorker();
  private readonly found = signal<{ of: Plan; mishaps: Mishaps; risks: (RiskOfCarry | undefined)[] } | undefined>(undefined);
  readonly mishaps = signal<Mishaps>(NO_MISHAPS);

  /** Of the carry that is looked at; undefined while it is worked out, and where nothing can run out. */
  readonly ofCarry = computed(() => {
    const plan = this.plans.plan();
    const found = this.found();
    const carry = this.plans.carry();
    if (!plan || !carry || found?.of !== plan || found.mishaps !== this.mishaps()) return undefined;
    return found.risks[plan.carries.indexOf(carry)];
  });

  constructor() {
    effect((onCleanup) => {
      const planned = this.plans.planned();
      const mishaps = this.mishaps();
      if (!planned || this.plans.stale()) return;
      whenResting(onCleanup, () => {
        void this.worker
          .risk(planned.trip, planned.plan, mishaps, RISK_LIMIT)
          .then((risks) => this.plans.planned() === planned && this.found.set({ of: planned.plan, mishaps, risks }));
      });
    });
  }
}
