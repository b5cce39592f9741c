import { computed, EnvironmentInjector, inject, Injectable, runInInjectionContext, signal } from '@angular/core';
import { FIRST_WISH, worthKeeping, type Bar, type FoundKit, type Wish } from '@tinder/core/finder';
import type { Rack, Trip } from '@tinder/core/model';
import { study, type Run } from '../planning/study';
import { StudyWorker } from '../planning/study-worker';
import { WorkspaceStore } from '../store/workspace-store';

/** What a search has come to so far. */
export interface FinderState {
  /** On a front, or the best of a school: the rest is forgotten. */
  kits: FoundKit[];
  total: number;
  settled: number;
  planned: number;
  isDone: boolean;
}
interface Question {
  rack: Rack;
  trip: Trip;
  wish: Wish;
}

/** The search for kits, shared out to two workers, as far as it has come; it begins when it is asked for, and anew when the trip or the wish changes. */
@Injectable({ providedIn: 'root' })
export class FinderSearch {
  private readonly store = inject(WorkspaceStore);
  private readonly injector = inject(EnvironmentInjector);
  private readonly first = inject(StudyWorker);
  private second: StudyWorker | undefined;

  readonly wish = signal<Wish>(FIRST_WISH);
  /** The walker has asked for it. */
  readonly asked = signal(false);
  private readonly soFar = signal<{ of: Question; state: FinderState } | undefined>(undefined);

  readonly study = study(
    { restMs: 200, following: false },
    (): Question | undefined => (this.asked() ? { rack: this.store.rack(), trip: this.store.trip(), wish: this.wish() } : undefined),
    (question, run) => this.search(question, run),
  );
  /** As far as the search has come; of an older question until the newer one has an answer. */
  readonly state = computed((): FinderState | undefined => this.soFar()?.state);
  /** What the state is about. */
  readonly about = computed((): Question | undefined => this.soFar()?.of);

  private async search(question: Question, run: Run): Promise<FinderState> {
    const { rack, trip, wish } = question;
    this.second ??= runInInjectionContext(this.injector, () => new StudyWorker());
    const workers = [this.first, this.second];
    let kits: FoundKit[] = [];
    const bars: (Bar & { by: number })[] = [];
    const counts = workers.map(() => ({ settled: 0, planned: 0, isDone: false }));
    let total = 0;
    const state = (): FinderState => ({
      kits,
      total,
      settled: counts.reduce((sum, c) => sum + c.settled, 0),
      planned: counts.reduce((sum, c) => sum + c.planned, 0),
      isDone: counts.every((c) => c.isDone),
    });
    const goOn = async (worker: StudyWorker, index: number): Promise<void> => {
      let learnt = 0;
      for (let begins = true; !counts[index].isDone; begins = false) {
        const fresh = bars.slice(learnt).filter((b) => b.by !== index);
        learnt = bars.length;
        const share = { index, of: workers.length };
        const slice = await worker.ask('find', { rack, trip }, { wish, share, begins, learnt: fresh }, run.signal);
        bars.push(...slice.found.filter((f) => !f.fails).map(({ school, measured }) => ({ school, measured, by: index })));
        kits = worthKeeping([...kits, ...slice.found]).sort((a, b) => a.number - b.number);
        total = slice.total;
        counts[index] = slice;
        run.progress({ done: state().settled, of: total });
        if (kits.length) this.soFar.set({ of: question, state: state() });
      }
    };
    await Promise.all(workers.map(goOn));
    this.soFar.set({ of: question, state: state() });
    return state();
  }
}
