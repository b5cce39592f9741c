import { computed, inject, Injectable, signal } from '@angular/core';
import type { BurnFacts, CanSeen, Change, InferredBlend, Plan, Trip } from '@tinder/core';
import { createPlanWorker } from '../workers/create-plan-worker';
import type { Closer, CloserSubject } from '../workers/planner';
import { WorkspaceStore } from './workspace-store';

/** A plan with the trip it was made for; `changes` follow a moment later. */
export interface Planned {
  trip: Trip;
  plan: Plan;
  changes?: Change[];
}

/**
 * Keeps the plan in step with the trip. One request is in the worker at a time; while it runs only the newest trip
 * waits, so a drag never queues up, and an answer for an older trip is never followed by its advice.
 */
@Injectable({ providedIn: 'root' })
export class PlanService {
  private readonly store = inject(WorkspaceStore);
  private readonly worker = createPlanWorker();
  private readonly plannedSignal = signal<Planned | undefined>(undefined);
  private readonly failedSignal = signal<string | undefined>(undefined);
  private waiting: Trip | undefined;
  private busy = false;

  readonly planned = this.plannedSignal.asReadonly();
  readonly plan = computed(() => this.planned()?.plan);
  /** True while the screen shows an answer for an older trip. */
  readonly stale = computed(() => this.planned()?.trip !== this.store.trip());
  readonly failed = this.failedSignal.asReadonly();

  constructor() {
    this.store.workspace$.subscribe(({ trip }) => {
      const answered = trip === this.plannedSignal()?.trip && !this.busy && !this.failedSignal();
      if (!this.store.loaded() || answered) return;
      this.waiting = trip;
      void this.run();
    });
  }

  /** Plans what is in the store now; for the start, once the saved workspace is read. */
  start(): void {
    this.waiting = this.store.trip();
    void this.run();
  }

  /** The closer look at one meal, worked out beside the plan. */
  closer(subject: CloserSubject, planned: Planned, facts: BurnFacts, unscreened: BurnFacts): Promise<Closer> {
    return this.worker.closer(subject, planned.trip, planned.plan, facts, unscreened);
  }

  /** What a boil seen tells of the can's blend. */
  inferBlend(trip: Trip, seen: CanSeen): Promise<InferredBlend | undefined> {
    return this.worker.inferBlend(trip, seen);
  }

  private async run(): Promise<void> {
    if (this.busy) return;
    this.busy = true;
    try {
      while (this.waiting) {
        const trip = this.waiting;
        this.waiting = undefined;
        const plan = await this.worker.plan(trip);
        this.plannedSignal.set({ trip, plan });
        if (this.superseded()) continue;
        const changes = await this.worker.changes(trip, plan);
        if (!this.superseded()) this.plannedSignal.set({ trip, plan, changes });
      }
      this.failedSignal.set(undefined);
    } catch (e) {
      this.failedSignal.set(e instanceof Error ? e.message : String(e));
    } finally {
      this.busy = false;
    }
  }

  private superseded(): boolean {
    return this.waiting !== undefined;
  }
}
