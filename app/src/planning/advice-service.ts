import { computed, inject, Injectable } from '@angular/core';
import type { Change } from '@tinder/core/studies/study';
import { Done } from '../store/done';
import { WorkspaceStore } from '../store/workspace-store';
import { changeWords } from '../words/change-words';
import { Units } from '../words/units';
import { PlanService } from './plan-service';
import { RESTING, study } from './study';
import { StudyWorker } from './study-worker';

/** What could be done differently on the carry that is looked at, once its plan rests; never for an older one. */
@Injectable({ providedIn: 'root' })
export class AdviceService {
  private readonly plans = inject(PlanService);
  private readonly worker = inject(StudyWorker);
  private readonly store = inject(WorkspaceStore);
  private readonly done = inject(Done);
  private readonly units = inject(Units);

  private readonly advice = study(
    RESTING,
    () => {
      const planned = this.plans.current();
      const carry = this.plans.carry();
      return planned && carry && { planned, fromStopId: carry.fromStopId };
    },
    ({ planned, fromStopId }, run) => this.worker.ask('advice', { trip: planned.trip, plan: planned.plan }, { fromStopId }, run),
  );
  /** Undefined until it is worked out. */
  readonly answer = computed(() => (this.advice.fresh() ? this.advice.last()?.answer : undefined));
  /** Why there is none. */
  readonly problem = this.advice.problem;

  /** Makes a change, as one step that can be undone. */
  take(change: Change): void {
    const words = changeWords(change, this.units);
    if (this.store.editTrip(words, () => change.trip)) this.done.tell(`${words}: applied.`);
  }

  again(): void {
    this.advice.again();
  }
}
