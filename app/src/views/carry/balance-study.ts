import { computed, inject, Injectable, signal } from '@angular/core';
import { carriedKit, paretoFront } from '@tinder/core/studies/study';
import type { BalanceMark } from '../../charts/balance-geometry';
import { PlanService } from '../../planning/plan-service';
import { RiskService } from '../../planning/risk-service';
import { study, type Pace } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { WorkspaceStore } from '../../store/workspace-store';

/** A long study waits longer for rest. */
const LONG: Pace = { restMs: 150, following: false };

/** Load-outs of every kit from bare to safe, worked out kit by kit, the carried one first and shown at once; provided by its panel. */
@Injectable()
export class BalanceStudy {
  private readonly store = inject(WorkspaceStore);
  private readonly plans = inject(PlanService);
  private readonly risk = inject(RiskService);
  private readonly worker = inject(StudyWorker);

  /** The carried kit's, while the others are still worked out. */
  private readonly first = signal<readonly BalanceMark[] | undefined>(undefined);
  /** The kit that the trip carries. */
  readonly own = computed(() => carriedKit(this.store.rack(), this.store.trip()));

  readonly study = study(
    LONG,
    () => {
      const planned = this.plans.current();
      return planned && { planned, rack: this.store.rack(), mishaps: this.risk.mishaps() };
    },
    async ({ planned: { trip }, rack, mishaps }, run) => {
      const own = carriedKit(rack, trip);
      const kits = [own, ...rack.kits.filter((k) => k.id !== own.id)];
      const found: BalanceMark[] = [];
      for (const [done, { id, name }] of kits.entries()) {
        run.progress({ done, of: kits.length });
        const points = await this.worker.ask('balance', { rack, trip }, { kitId: id, mishaps }, run);
        // a kit that cannot be planned with is no way to carry less: Kit says what it lacks
        if (points.ok) found.push(...points.value.map((p) => ({ ...p, kitId: id, name })));
        if (done === 0) this.first.set([...found]);
      }
      this.first.set(undefined);
      return found;
    },
  );
  readonly marks = computed((): readonly BalanceMark[] => this.first() ?? this.study.last()?.answer ?? []);
  /** The marks are those of an older trip, or not all of them. */
  readonly stale = computed(() => !this.study.fresh());

  /** Fewest hot meals that stay cold with any kit: others are not on the front, they weigh less because they cook less. */
  private readonly fewestMissed = computed(() => Math.min(...this.marks().map((m) => m.mealsMissed)));
  readonly cooking = computed(() => this.marks().filter((m) => m.mealsMissed <= this.fewestMissed()));
  readonly front = computed(() => paretoFront(this.cooking()));
  /** The load-outs as they are planned now. */
  readonly current = computed(() => {
    const reserve = this.store.trip().reservePercent;
    const own = this.marks().filter((m) => m.kitId === this.own().id);
    return own.findLast((m) => m.reservePercent <= reserve) ?? own[0];
  });
}
