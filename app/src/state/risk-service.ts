import { inject, Injectable, signal } from '@angular/core';
import { NO_MISHAPS, type Mishaps } from '@tinder/core';
import type { RiskOfCarry } from '../workers/planner';
import type { Planned } from './plan-service';
import { StudyWorker } from './study-worker';

/** Walkers are asked what risk they would live with; one in fifty until they say so (common practice). */
export const RISK_LIMIT = 0.02;

/** What else might happen on the way, as the walker has switched it, and the risk that each carry runs out. */
@Injectable({ providedIn: 'root' })
export class RiskService {
  private readonly worker = inject(StudyWorker).worker;
  readonly mishaps = signal<Mishaps>(NO_MISHAPS);

  /** By carry, drawn thousands of times; undefined where nothing can run out. */
  risks({ trip, plan }: Planned, mishaps: Mishaps): Promise<(RiskOfCarry | undefined)[]> {
    return this.worker.risk(trip, plan, mishaps, RISK_LIMIT);
  }
}
