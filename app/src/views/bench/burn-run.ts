import { computed, effect, inject, Injectable, signal, untracked } from '@angular/core';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { SPEEDS, type Phase } from '@tinder/core/studies/bench';
import {
  ARMS,
  LIMITS,
  newTest,
  TEST_ENDS,
  testSetupSchema,
  within,
  type BenchTest,
  type TestEnd,
  type TestSetup,
} from '@tinder/core/domain/model';
import { EMPTY, interval, switchMap } from 'rxjs';
import * as z from 'zod';
import { awake } from '../../platform/awake';
import { Instruments, type Reading } from '../../platform/instruments';
import { KeptDraft } from '../../platform/kept-draft';
import { today } from '../../ui/today';

/** A burn in hand: what was decided, and what was read so far. It outlives a reload. */
const draftSchema = z.strictObject({
  step: z.enum(['before', 'burning', 'after', 'check']),
  setup: testSetupSchema,
  seriesId: z.string().nullable(),
  arm: z.enum(ARMS).nullable(),
  /** What is asked, for the heading. */
  heading: z.string(),
  garden: z.strictObject({ seed: z.int().min(0), run: z.int().min(0), speed: z.union(SPEEDS.map((s) => z.literal(s))) }).nullable(),
  beforeG: within(LIMITS.grossG).nullable(),
  afterG: within(LIMITS.grossG).nullable(),
  /** When this step of the garden began, and when the burner was lit, ms since 1970. */
  sinceMs: z.number(),
  litMs: z.number().nullable(),
  stoppedS: z.number().min(0).nullable(),
  end: z.enum(TEST_ENDS),
  tries: z.int().min(1).max(50),
  sputtered: z.boolean(),
  boiledOver: z.boolean(),
});
export type Draft = z.infer<typeof draftSchema>;
export type Step = Draft['step'];

const PHASE_OF: Partial<Record<Step, Phase>> = { before: 'before', burning: 'burn', after: 'after' };
const TICK_MS = 200;

/** One burn from weighing to weighing: the stopwatch, the readings, and the simulated instruments where there are no real ones. */
@Injectable({ providedIn: 'root' })
export class BurnRun {
  private readonly kept = new KeptDraft('burn-in-hand', draftSchema);
  private readonly instruments = inject(Instruments);
  private readonly draftSignal = signal<Draft | undefined>(this.kept.read());
  private readonly now = signal(Date.now());
  private readonly readingSignal = signal<Reading | undefined>(undefined);

  readonly draft = this.draftSignal.asReadonly();
  /** What the simulated instruments show; undefined for a real burn. */
  readonly reading = this.readingSignal.asReadonly();
  /** Seconds since it was lit, by the garden's clock where it burns there. */
  readonly seconds = computed(() => {
    const d = this.draftSignal();
    if (!d || d.litMs === null) return 0;
    return d.stoppedS ?? Math.max(0, ((this.now() - d.litMs) / 1000) * (d.garden?.speed ?? 1));
  });

  constructor() {
    this.kept.changes$.pipe(takeUntilDestroyed()).subscribe((draft) => this.draftSignal.set(draft));
    const step = computed(() => this.draftSignal()?.step);
    const garden = computed(() => this.draftSignal()?.garden ?? undefined);
    toObservable(computed(() => step() === 'burning'))
      .pipe(
        switchMap((burning) => (burning ? awake(interval(TICK_MS)) : EMPTY)),
        takeUntilDestroyed(),
      )
      .subscribe(() => this.now.set(Date.now()));
    effect((onCleanup) => {
      const phase = PHASE_OF[step() ?? 'check'];
      const place = garden();
      const draft = untracked(this.draftSignal);
      this.readingSignal.set(undefined);
      if (!phase || !place || !draft) return;
      const { seed, run, speed } = place;
      const sinceMs = phase === 'burn' ? (draft.litMs ?? Date.now()) : draft.sinceMs;
      // weighing goes at its own pace: only the burn is hurried
      const pace = phase === 'burn' ? speed : 1;
      const fromS = Math.max(0, ((Date.now() - sinceMs) / 1000) * pace);
      const watching = this.instruments
        .watch({ seed, run, setup: draft.setup }, { phase, speed: pace, fromS, stoppedS: draft.stoppedS ?? 0 })
        .subscribe((reading) => this.readingSignal.set(reading));
      onCleanup(() => watching.unsubscribe());
    });
  }

  begin(setup: TestSetup, of: Pick<Draft, 'seriesId' | 'arm' | 'heading' | 'garden'>): void {
    this.set({
      step: 'before',
      setup,
      ...of,
      beforeG: null,
      afterG: null,
      sinceMs: Date.now(),
      litMs: null,
      stoppedS: null,
      end: 'reached',
      tries: 1,
      sputtered: false,
      boiledOver: false,
    });
  }

  change(change: Partial<Draft>): void {
    const draft = this.draftSignal();
    if (draft) this.set({ ...draft, ...change });
  }

  light(): void {
    this.now.set(Date.now());
    this.change({ step: 'burning', litMs: Date.now() });
  }

  /** The flame is out: at its target, or for another reason. */
  stop(end: TestEnd): void {
    this.now.set(Date.now());
    const stoppedS = Math.max(1, this.seconds());
    this.change({ step: 'after', end, stoppedS, sinceMs: Date.now() });
  }

  drop(): void {
    this.set(undefined);
  }

  /** The burn as it would be kept; undefined until both weighings are there and go together. */
  readonly test = computed((): BenchTest | undefined => {
    const d = this.draftSignal();
    if (!d || d.beforeG === null || d.afterG === null || d.stoppedS === null) return undefined;
    if (d.afterG > d.beforeG || (d.end === 'reached' && d.afterG === d.beforeG)) return undefined;
    const { seriesId, arm, tries, sputtered, boiledOver, garden } = d;
    const fuel = { how: 'weighed', beforeG: d.beforeG, afterG: d.afterG } as const;
    const seconds = Math.min(LIMITS.testS.max, Math.round(d.stoppedS));
    const more = { seriesId, arm, tries, sputtered, boiledOver, garden: garden?.seed ?? null };
    return newTest(crypto.randomUUID(), today(), d.setup, { fuel, seconds, end: d.end }, more);
  });

  private set(draft: Draft | undefined): void {
    this.kept.write(draft);
    this.draftSignal.set(draft);
  }
}
