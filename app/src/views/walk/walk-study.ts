import { computed, inject, Injectable, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { fromEvent, interval, merge } from 'rxjs';
import { isUnderWay } from '@tinder/core/output/walk';
import { PlanService } from '../../planning/plan-service';
import { RESTING, study } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { WorkspaceStore } from '../../store/workspace-store';
import { today } from '../../ui/today';

const LOOK_MS = 60_000;

/** Where the walk stands, and what to save so that it lasts. */
@Injectable({ providedIn: 'root' })
export class WalkStudy {
  private readonly plans = inject(PlanService);
  private readonly worker = inject(StudyWorker);
  /** The day of the calendar: looked at again whenever the page comes back into sight, so that a midnight is not missed. */
  private readonly date = signal(today());
  readonly stretchWanted = signal(false);

  private readonly trip = inject(WorkspaceStore).trip;
  /** The open trip is being walked these days. */
  readonly underWay = computed(() => isUnderWay(this.trip(), this.date()));

  private readonly question = computed(() => {
    const planned = this.plans.current();
    return planned?.trip.walk ? { planned, date: this.date() } : undefined;
  });
  readonly asked = study(
    RESTING,
    () => this.question(),
    ({ planned: { trip, plan }, date }, run) => this.worker.ask('walk', { trip, plan }, { today: date }, run),
  );
  readonly stretched = study(
    RESTING,
    () => (this.stretchWanted() ? this.question() : undefined),
    ({ planned: { trip, plan }, date }, run) => this.worker.ask('stretch', { trip, plan }, { today: date }, run),
  );
  /** As it stood last: a line of the log is an edit as well, and what is read stays in the hand meanwhile. */
  readonly walking = computed(() => this.asked.last()?.answer);

  constructor() {
    merge(fromEvent(document, 'visibilitychange'), interval(LOOK_MS))
      .pipe(takeUntilDestroyed())
      .subscribe(() => this.date.set(today()));
  }
}
