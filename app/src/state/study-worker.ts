import { Injectable } from '@angular/core';
import { createPlanWorker } from '../workers/create-plan-worker';

/** A second worker, for what takes long beside the plan: comparing kits, drawing risks. Planning never waits for it. */
@Injectable({ providedIn: 'root' })
export class StudyWorker {
  readonly worker = createPlanWorker().planner;
}
