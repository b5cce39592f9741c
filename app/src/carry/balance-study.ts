import { computed, effect, inject, Injectable, signal, untracked } from '@angular/core';
import { carriedKit, paretoFront, type Mishaps, type Rack, type Trip } from '@tinder/core';
import { PlanService } from '../state/plan-service';
import { RiskService } from '../state/risk-service';
import { StudyWorker } from '../state/study-worker';
import { WorkspaceStore } from '../state/workspace-store';
import type { BalanceMark } from './balance-geometry';

const REST_MS = 150;

/** Load-outs of every kit from bare to safe, worked out kit by kit; provided by its panel. It can be stopped between two kits. */
@Injectable()
export class BalanceStudy {
  private readonly store = inject(WorkspaceStore);
  private readonly plans = inject(PlanService);
  private readonly risk = inject(RiskService);
  private readonly worker = inject(StudyWorker).worker;
  private run = 0;

  readonly marks = signal<readonly BalanceMark[]>([]);
  /** Kits done and to be done; undefined where nothing is being worked out. */
  readonly progress = signal<{ done: number; of: number } | undefined>(undefined);
  readonly stopped = signal(false);

  /** Fewest hot meals that stay cold with any kit: others are not on the front, they weigh less because they cook less. */
  private readonly fewestMissed = computed(() => Math.min(...this.marks().map((m) => m.mealsMissed)));
  readonly cooking = computed(() => this.marks().filter((m) => m.mealsMissed <= this.fewestMissed()));
  readonly front = computed(() => paretoFront(this.cooking()));
  /** The kit that the trip carries. */
  readonly own = computed(() => carriedKit(this.store.rack(), this.store.trip()));
  /** The load-outs as they are planned now. */
  readonly current = computed(() => {
    const reserve = this.store.trip().reservePercent;
    const own = this.marks().filter((m) => m.kitId === this.own().id);
    return own.findLast((m) => m.reservePercent <= reserve) ?? own[0];
  });

  constructor() {
    effect((onCleanup) => {
      const planned = this.plans.current();
      const rack = this.store.rack();
      const mishaps = this.risk.mishaps();
      const own = this.own();
      if (!planned) return;
      this.stopped.set(false);
      const timer = setTimeout(() => void untracked(() => this.work(own, rack, planned.trip, mishaps)), REST_MS);
      onCleanup(() => {
        this.run++;
        clearTimeout(timer);
      });
    });
  }

  stop(): void {
    this.run++;
    this.stopped.set(true);
    this.progress.set(undefined);
  }

  private async work(own: { id: string; name: string }, rack: Rack, trip: Trip, mishaps: Mishaps): Promise<void> {
    const mine = ++this.run;
    const kits = [own, ...rack.kits.filter((k) => k.id !== own.id)];
    const found: BalanceMark[] = [];
    for (const [done, { id, name }] of kits.entries()) {
      this.progress.set({ done, of: kits.length });
      const points = await this.worker.balance(rack, trip, id, mishaps);
      if (mine !== this.run) return;
      found.push(...points.map((p) => ({ ...p, kitId: id, name })));
      if (done === 0) this.marks.set([...found]);
    }
    this.marks.set(found);
    this.progress.set(undefined);
  }
}
