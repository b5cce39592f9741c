import { proxy } from 'comlink';
import { computed, effect, inject, Injectable, signal } from '@angular/core';
import {
  carryOfDay,
  placeOfDay,
  planDayOf,
  tripOnLeg,
  type BurnFacts,
  type CanSeen,
  type CarryPlan,
  type Change,
  type InferredBlend,
  type Plan,
  type PlanProgress,
  type Trip,
  type DishCard,
  type HabitLedger,
  type MealName,
  type PerKcal,
} from '@tinder/core';
import { createPlanWorker } from '../workers/create-plan-worker';
import type { Closer, CloserSubject } from '../workers/planner';
import { DayMarker } from './day-marker';
import { WorkspaceStore } from './workspace-store';

/** A plan that takes longer than this says how far it has come. */
const NOTICED_MS = 300;

/** A plan with the trip it was made for. */
export interface Planned {
  trip: Trip;
  plan: Plan;
}

/**
 * Keeps the plan in step with the trip. One plan is in the worker at a time; while it runs only the newest trip waits, so a drag
 * never queues up. The single changes for the carry that is looked at follow a moment later, never for an older plan.
 */
@Injectable({ providedIn: 'root' })
export class PlanService {
  private readonly store = inject(WorkspaceStore);
  private readonly marker = inject(DayMarker);
  private worker = createPlanWorker();
  private readonly plannedSignal = signal<Planned | undefined>(undefined);
  private readonly failedSignal = signal<string | undefined>(undefined);
  private readonly advice = signal<{ of: CarryPlan; changes: Change[] } | undefined>(undefined);
  private readonly slowSignal = signal<PlanProgress | undefined>(undefined);
  private readonly stoppedSignal = signal(false);
  private waiting: Trip | undefined;
  private busy = false;
  /** Counts the runs: what an ended one still says is not heard. */
  private turn = 0;

  readonly planned = this.plannedSignal.asReadonly();
  readonly plan = computed(() => this.planned()?.plan);
  /** The carry that the marked day belongs to. */
  readonly carry = computed(() => {
    const plan = this.plan();
    return plan && carryOfDay(plan, this.marker.day());
  });
  /** The leg of the marked day, and the trip with the kit that is carried there. */
  readonly leg = computed(() => placeOfDay(this.store.trip(), this.marker.day()).leg);
  readonly tripHere = computed(() => tripOnLeg(this.store.trip(), this.leg()));
  /** What could be done differently on that carry; undefined until it is worked out. */
  readonly changes = computed(() => (this.advice()?.of === this.carry() ? this.advice()?.changes : undefined));
  /** True while the screen shows an answer for an older trip. */
  readonly stale = computed(() => this.planned()?.trip !== this.store.trip());
  /** The plan of the trip as it is now; undefined while an older one is shown. */
  readonly current = computed(() => (this.stale() ? undefined : this.planned()));
  readonly failed = this.failedSignal.asReadonly();
  /** How far a plan has come that takes long enough to be noticed. */
  readonly slow = this.slowSignal.asReadonly();
  /** True where the walker has stopped a plan: an older one is shown until the next change, or until it is resumed. */
  readonly stopped = this.stoppedSignal.asReadonly();

  constructor() {
    this.store.workspace$.subscribe(() => {
      const trip = this.store.trip();
      const answered = trip === this.plannedSignal()?.trip && !this.busy && !this.failedSignal();
      if (!this.store.loaded() || answered) return;
      this.waiting = trip;
      void this.run();
    });
    effect(() => {
      const planned = this.planned();
      const carry = this.carry();
      if (planned && carry && !this.stale()) void this.advise(planned.trip, carry);
    });
  }

  /** Plans what is in the store now; for the start, once the saved library is read. */
  start(): void {
    this.waiting = this.store.trip();
    void this.run();
  }

  /** Ends the plan that is being worked out; the one before stays in sight, marked as such. */
  stop(): void {
    this.worker.end();
    this.worker = createPlanWorker();
    this.turn++;
    this.waiting = undefined;
    this.busy = false;
    this.slowSignal.set(undefined);
    this.stoppedSignal.set(true);
  }

  /** The closer look at one meal, worked out beside the plan. */
  closer(subject: CloserSubject, planned: Planned, facts: BurnFacts, unscreened: BurnFacts, altitudeM: number): Promise<Closer> {
    return this.worker.planner.closer(subject, this.tripHere(), planned.plan, facts, unscreened, altitudeM);
  }

  /** What a boil seen tells of the can's blend. */
  inferBlend(trip: Trip, seen: CanSeen): Promise<InferredBlend | undefined> {
    return this.worker.planner.inferBlend(trip, seen);
  }

  habits({ trip, plan }: Planned): Promise<HabitLedger> {
    return this.worker.planner.habits(trip, plan);
  }

  perKcal(trip: Trip, day: number): Promise<PerKcal[]> {
    return this.worker.planner.perKcal(tripOnLeg(trip, placeOfDay(trip, day).leg), day);
  }

  card({ trip, plan }: Planned, day: number, name: MealName): Promise<DishCard | undefined> {
    return this.worker.planner.card(tripOnLeg(trip, planDayOf(plan, day).leg), plan, day, name);
  }

  private async run(): Promise<void> {
    if (this.busy) return;
    this.busy = true;
    this.stoppedSignal.set(false);
    const turn = ++this.turn;
    const noticed = performance.now() + NOTICED_MS;
    const report = (p: PlanProgress): void => {
      // the first plan has none before it to be told apart from
      const noticeable = performance.now() > noticed && this.plannedSignal() !== undefined;
      if (turn === this.turn && this.busy && noticeable) this.slowSignal.set(p);
    };
    try {
      while (this.waiting) {
        const trip = this.waiting;
        this.waiting = undefined;
        const plan = await this.worker.planner.plan(trip, proxy(report));
        if (turn !== this.turn) return; // ended meanwhile
        this.plannedSignal.set({ trip, plan });
      }
      this.failedSignal.set(undefined);
    } catch (e) {
      this.failedSignal.set(e instanceof Error ? e.message : String(e));
    } finally {
      if (turn === this.turn) {
        this.busy = false;
        this.slowSignal.set(undefined);
      }
    }
  }

  private async advise(trip: Trip, carry: CarryPlan): Promise<void> {
    try {
      const changes = await this.worker.planner.changes(trip, carry);
      if (this.carry() === carry) this.advice.set({ of: carry, changes });
    } catch (e) {
      this.failedSignal.set(e instanceof Error ? e.message : String(e));
    }
  }
}
