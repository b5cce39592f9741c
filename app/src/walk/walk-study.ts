import { computed, DestroyRef, inject, Injectable, signal } from '@angular/core';
import { PlanService } from '../planning/plan-service';
import { RESTING, study } from '../planning/study';
import { StudyWorker } from '../planning/study-worker';
import { today } from '../ui/today';

const LOOK_MS = 60_000;

/** Where the walk stands, and what to bear so that it lasts. */
@Injectable({ providedIn: 'root' })
export class WalkStudy {
  private readonly plans = inject(PlanService);
  private readonly worker = inject(StudyWorker);
  /** The day of the calendar: looked at again whenever the page comes back into sight, so that a midnight is not missed. */
  private readonly date = signal(today());
  readonly stretchWanted = signal(false);

  private readonly question = computed(() => {
    const planned = this.plans.current();
    return planned?.trip.walk ? { planned, date: this.date() } : undefined;
  });
  readonly asked = study(
    RESTING,
    () => this.question(),
    ({ planned: { trip, plan }, date }, { signal: stop }) => this.worker.ask('walk', { trip, plan }, { today: date }, stop),
  );
  readonly stretched = study(
    RESTING,
    () => (this.stretchWanted() ? this.question() : undefined),
    ({ planned: { trip, plan }, date }, { signal: stop }) => this.worker.ask('stretch', { trip, plan }, { today: date }, stop),
  );
  /** As it stood last: a line of the log is an edit as well, and what is read stays in the hand meanwhile. */
  readonly walking = computed(() => this.asked.last()?.answer);

  constructor() {
    const look = (): void => this.date.set(today());
    document.addEventListener('visibilitychange', look);
    const timer = setInterval(look, LOOK_MS);
    inject(DestroyRef).onDestroy(() => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
    });
  }
}
