import { computed, inject, Injectable, signal } from '@angular/core';
import type { WeightSums } from '@tinder/core/planning/plan';
import type { KitLine } from '@tinder/core/studies/study';
import { PlanService } from '../../planning/plan-service';
import { BEHIND_PLAN, study } from '../../planning/study';
import { FollowingWorker } from '../../planning/following-worker';
import { WorkspaceStore } from '../../store/workspace-store';

/** Every kit of the rack on this trip, following the trip while Carry is open; provided by its view. */
@Injectable()
export class KitLines {
  private readonly worker = inject(FollowingWorker);
  private readonly store = inject(WorkspaceStore);
  private readonly plans = inject(PlanService);
  /** How the sums are counted. */
  readonly counted = signal<keyof WeightSums>('averageG');
  /** The kit that is drawn beside the carried one; undefined for none. */
  readonly comparedId = signal<string | undefined>(undefined);

  readonly study = study(
    BEHIND_PLAN,
    () => {
      // of the trip whose plan is seen
      const planned = this.plans.planned();
      return planned && { rack: this.store.rack(), ...planned };
    },
    (subject, run) => this.worker.ask('kitLines', subject, undefined, run),
  );
  /** The carried kit first; undefined until the first answer. */
  readonly lines = computed((): KitLine[] | undefined => this.study.last()?.answer);
  /** The carried kit and, where one is compared, that one. */
  readonly drawn = computed(() => this.lines()?.filter((l, i) => i === 0 || l.id === this.comparedId()));
  /** True while the lines are an answer for an older trip. */
  readonly stale = computed(() => this.plans.stale() || !this.study.fresh());
}
