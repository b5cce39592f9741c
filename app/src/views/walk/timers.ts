import { computed, effect, Injectable, signal } from '@angular/core';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { EMPTY, fromEvent, interval, merge, switchMap } from 'rxjs';
import * as z from 'zod';
import { alarm } from '../../platform/alarm';
import { ringIn } from '../../platform/alarm-track';
import { awake } from '../../platform/awake';
import { KeptDraft } from '../../platform/kept-draft';

/** A timer in hand: it is known by when it was started, so that it is right after a reload, a locked screen, a midnight or another time zone. */
const timerSchema = z.strictObject({
  id: z.string().min(1).max(120),
  name: z.string().min(1).max(120),
  startedMs: z.number(),
  totalS: z.number().min(1).max(100_000),
  /** Its end was heard or seen. */
  rung: z.boolean(),
});
export type Timer = z.infer<typeof timerSchema>;
const draftSchema = z.array(timerSchema).max(12);

/** A timer as it is shown. */
export interface Running extends Timer {
  leftS: number;
  goneS: number;
}

const TICK_MS = 250;

/** Timers of the stove. Nothing counts ticks: what is left is read off the clock whenever somebody looks. */
@Injectable({ providedIn: 'root' })
export class Timers {
  private readonly kept = new KeptDraft('stove-timers', draftSchema);
  private readonly list = signal<Timer[]>(this.kept.read() ?? []);
  private readonly now = signal(Date.now());
  /** Tracks that ring by themselves: of the timers that were started on this very page. */
  private readonly tracks = new Map<string, ReturnType<typeof ringIn>>();

  readonly running = computed((): Running[] =>
    this.list().map((t) => {
      const goneS = Math.max(0, (this.now() - t.startedMs) / 1000);
      return { ...t, goneS, leftS: t.totalS - goneS };
    }),
  );

  constructor() {
    this.kept.changes$.pipe(takeUntilDestroyed()).subscribe((list) => this.list.set(list ?? []));
    const clock$ = merge(interval(TICK_MS), fromEvent(document, 'visibilitychange'));
    toObservable(computed(() => this.list().length > 0))
      .pipe(
        switchMap((any) => (any ? awake(clock$) : EMPTY)),
        takeUntilDestroyed(),
      )
      .subscribe(() => this.now.set(Date.now()));
    // a timer that is put away, here or in another tab, rings no more
    effect(() => {
      const ids = new Set(this.list().map((t) => t.id));
      for (const [id, track] of this.tracks) {
        if (ids.has(id)) continue;
        track?.stop();
        this.tracks.delete(id);
      }
    });
    effect(() => {
      const due = this.running().filter((t) => t.leftS <= 0 && !t.rung);
      if (!due.length) return;
      this.set(this.list().map((t) => (due.some((d) => d.id === t.id) ? { ...t, rung: true } : t)));
      for (const t of due) alarm(`${t.name} is over`, this.tracks.get(t.id)?.isPlaying());
    });
  }

  start(id: string, name: string, totalS: number): void {
    this.now.set(Date.now());
    this.tracks.get(id)?.stop();
    this.tracks.set(id, ringIn(Math.max(1, totalS), name));
    this.set([...this.list().filter((t) => t.id !== id), { id, name, startedMs: Date.now(), totalS: Math.max(1, totalS), rung: false }]);
  }

  /** Puts a timer away; gives back how long it ran, s. */
  stop(id: string): number | undefined {
    const found = this.list().find((t) => t.id === id);
    this.set(this.list().filter((t) => t.id !== id));
    return found && Math.round((Date.now() - found.startedMs) / 1000);
  }

  private set(list: Timer[]): void {
    this.kept.write(list.length ? list : undefined);
    this.list.set(list);
  }
}
