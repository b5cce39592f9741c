import { computed, inject, Injectable, signal } from '@angular/core';
import type { KitLine, WeightSums } from '@tinder/core';
import { PlanService } from '../state/plan-service';
import { StudyWorker } from '../state/study-worker';
import { answerFollowing } from '../state/when-resting';
import { WorkspaceStore } from '../state/workspace-store';

/** Every kit of the rack on this trip, following the trip while Carry is open; provided by its view. */
@Injectable()
export class KitLines {
  private readonly worker = inject(StudyWorker).worker;
  private readonly store = inject(WorkspaceStore);
  private readonly plans = inject(PlanService);
  /** How the sums are counted. */
  readonly counted = signal<keyof WeightSums>('averageG');
  /** Are the other kits drawn? */
  readonly shown = signal(true);

  private readonly answers = answerFollowing(
    () => (this.plans.plan() ? { rack: this.store.rack(), trip: this.store.trip() } : undefined),
    ({ rack, trip }) => this.worker.lines(rack, trip),
  );
  /** The carried kit first; undefined until the first answer. */
  readonly lines = computed((): KitLine[] | undefined => this.answers.last()?.answer);
  /** True while the lines are an answer for an older trip. */
  readonly stale = computed(() => !this.answers.fresh());
}
