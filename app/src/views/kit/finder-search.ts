import { computed, EnvironmentInjector, inject, Injectable, runInInjectionContext, signal } from '@angular/core';
import type { Bar } from '@tinder/core/studies/finder';
import { FIRST_WISH, worthKeeping, type FoundKit, type Wish } from '@tinder/core/studies/found';
import type { Rack, Trip } from '@tinder/core/domain/model';
import { RiskService } from '../../planning/risk-service';
import { RESTING, study, type Run } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { WorkspaceStore } from '../../store/workspace-store';
import { foundName } from '../../words/finder-words';
import { Units } from '../../words/units';

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
  private readonly risk = inject(RiskService);
  private readonly units = inject(Units);
  private readonly injector = inject(EnvironmentInjector);
  private readonly first = inject(StudyWorker);
  private second: StudyWorker | undefined;

  readonly wish = signal<Wish>(FIRST_WISH);
  /** The walker has asked for it. */
  readonly asked = signal(false);
  private readonly soFar = signal<{ of: Question; state: FinderState } | undefined>(undefined);

  readonly study = study(
    RESTING,
    (): Question | undefined => (this.asked() ? { rack: this.store.rack(), trip: this.store.trip(), wish: this.wish() } : undefined),
    (question, run) => this.search(question, run),
  );
  /** As far as the search has come; of an older question until the newer one has an answer. */
  readonly state = computed((): FinderState | undefined => this.soFar()?.state);
  /** What the search is about, once it has come to its end. */
  readonly settled = computed(() => {
    const done = this.soFar();
    return done?.state.isDone && this.study.fresh() ? done : undefined;
  });
  /** Chances of running out of what was kept, by number; worked out once the search has come to its end. */
  readonly risks = study(
    RESTING,
    () => {
      const done = this.settled();
      return done && { ...done.of, kits: done.state.kits, mishaps: this.risk.mishaps() };
    },
    async ({ rack, trip, wish, kits, mishaps }, run) => {
      const numbers = kits.filter((k) => !k.fails).map((k) => k.number);
      const chances = await this.first.ask('findRisks', { rack, trip }, { wish, numbers, mishaps }, run);
      return new Map(numbers.map((n, i) => [n, chances[i]]));
    },
  );
  readonly chances = computed(() => (this.risks.fresh() ? this.risks.last()?.answer : undefined));

  /** What a kit is called, with the ways that were accepted for all. */
  nameOf(found: FoundKit): string {
    return foundName(found, this.wish().ways.stopAt88, this.units);
  }

  /** Asks for another kit: a search that has begun begins anew. */
  change(change: Partial<Wish>): void {
    this.wish.update((w) => ({ ...w, ...change }));
  }

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
        const slice = await worker.ask('find', { rack, trip }, { wish, share, begins, learnt: fresh }, run);
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
