import { computed, inject, Injectable, InjectionToken, signal } from '@angular/core';
import type { Trip } from '@tinder/core/domain/model';
import type { PlanProgress } from '@tinder/core/planning/plan';
import { carryOfDay, type CarryPlan, type Plan } from '@tinder/core/planning/planned';
import { placeOfDay, tripOnLeg } from '@tinder/core/domain/trail';
import { createPlanWorker, plannerOnPage } from '../platform/create-plan-worker';
import { fromWorker } from '../platform/from-worker';
import { KeptWorker } from '../platform/kept-worker';
import type { WorkerLink } from '../platform/worker-link';
import { WorkerTrouble } from '../platform/worker-trouble';
import { WorkspaceStore } from '../store/workspace-store';
import { planOf, type NamedPlan } from '../workers/plan-news';
import type { Planner } from '../workers/planner';
import { DayMarker } from './day-marker';
import { FOLLOWING, study, type Run } from './study';

/** A plan with the trip it was made for. */
export interface Planned {
  trip: Trip;
  plan: Plan;
}

/** How the plan worker is started. */
export const PLAN_WORKER_START = new InjectionToken<() => WorkerLink<Planner>>('start of the plan worker', {
  providedIn: 'root',
  factory: () => createPlanWorker,
});

/**
 * Keeps the plan in step with the trip. One plan is in its worker at a time; while it runs only the newest trip waits, so a drag never
 * queues up.
 */
@Injectable({ providedIn: 'root' })
export class PlanService {
  private readonly store = inject(WorkspaceStore);
  private readonly marker = inject(DayMarker);
  private readonly trouble = inject(WorkerTrouble);
  private readonly worker = new KeptWorker({
    start: inject(PLAN_WORKER_START),
    onPage: plannerOnPage,
    gaveUp: (why) => this.trouble.gaveUp(why),
  });
  /** The last plan, by the name that the worker knows it by. */
  private had: NamedPlan | undefined;
  private readonly slowSignal = signal<PlanProgress | undefined>(undefined);

  private readonly plans = study(
    FOLLOWING,
    () => (this.store.loaded() ? { trip: this.store.trip() } : undefined),
    ({ trip }, run) => this.work(trip, run),
  );

  /** The last plan; undefined until it is known what is saved, and that is planned. */
  readonly planned = computed(() => this.plans.last()?.answer);
  readonly plan = computed(() => this.planned()?.plan);
  /** The carry that the marked day belongs to. */
  readonly carry = computed((): CarryPlan | undefined => {
    const plan = this.plan();
    return plan && carryOfDay(plan, this.marker.day());
  });
  /** The leg of the marked day, and the trip with the kit that is carried there. */
  readonly leg = computed(() => placeOfDay(this.store.trip(), this.marker.day()).leg);
  readonly tripHere = computed(() => tripOnLeg(this.store.trip(), this.leg()));
  /** True while the screen shows an answer for an older trip. */
  readonly stale = computed(() => !this.plans.fresh());
  /** The plan of the trip as it is now; undefined while an older one is shown. */
  readonly current = computed(() => (this.stale() ? undefined : this.planned()));
  /** Why the trip as it is now cannot be planned. */
  readonly failed = this.plans.problem;
  /** A plan is on its way, or about to be asked for. */
  readonly pending = computed(() => this.store.loaded() && this.stale() && !this.failed() && !this.stopped());
  /** How far a plan has come that takes long enough to be noticed. */
  readonly slow = computed(() => (this.pending() ? this.slowSignal() : undefined));
  /** True where the walker has stopped a plan: an older one is shown until the next change, or until it is resumed. */
  readonly stopped = this.plans.stopped;

  /** Ends the plan that is being worked out; the one before stays in sight, marked as such. */
  stop(): void {
    this.plans.stop();
  }

  /** Plans once more what was stopped, or could not be planned. */
  resume(): void {
    this.plans.again();
  }

  private async work(trip: Trip, { signal }: Run): Promise<Planned> {
    const end = (): void => this.worker.end();
    signal.addEventListener('abort', end, { once: true });
    const report = (p: PlanProgress): void => {
      // the first plan has none before it to be told apart from
      if (this.plans.last() && !signal.aborted) this.slowSignal.set(p);
    };
    const { had } = this;
    try {
      const news = await this.worker.call(async (planner) => await planner.plan(trip, had?.id, fromWorker(report)));
      this.had = planOf(news, had?.plan);
      return { trip, plan: this.had.plan };
    } finally {
      signal.removeEventListener('abort', end);
      this.slowSignal.set(undefined);
    }
  }
}
