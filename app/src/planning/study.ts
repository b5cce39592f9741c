import { computed, ElementRef, inject, signal, untracked, type Signal } from '@angular/core';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { auditTime, EMPTY, filter, map, merge, Observable, Subject, switchMap, timer, type OperatorFunction } from 'rxjs';
import { isOnScreen } from '../ui/on-screen';
import { oneAtATime } from './one-at-a-time';
import { REST_FACTOR } from './rest-factor';
import { STOPPED } from './study-worker';

/** How far a study has come. */
export interface Progress {
  done: number;
  of: number;
}

/** What the worker of a question may use while it is at it. */
export interface Run {
  /** Aborted when the question is not the one that is asked any more, or the walker has stopped it. */
  signal: AbortSignal;
  progress: (p: Progress) => void;
  /** Is the place on screen where its answer will stand? What is seen goes before what is not. */
  isSeen: () => boolean;
}

/** Answers to a question that keeps changing. */
export interface Study<Q, A> {
  /** The last one with the question it belongs to: it stays until a newer one is there. */
  last: Signal<{ of: Q; answer: A } | undefined>;
  /** Is the last answer one to the question as it is now? */
  fresh: Signal<boolean>;
  /** Why the question as it is now could not be answered; undefined where it was, or will be. */
  problem: Signal<string | undefined>;
  /** How far it has come; undefined where nothing is being worked out, or its end cannot be told. */
  progress: Signal<Progress | undefined>;
  /** True where the walker has stopped it: until the question changes, or it is asked again. */
  stopped: Signal<boolean>;
  stop(): void;
  /** Asks the same question once more: after a failure, or when it was stopped. */
  again(): void;
}

/** When a question is asked. */
export interface Pace {
  /** After the question has changed: for the last time, or, where it follows, for the first. */
  restMs: number;
  /** Late answers are shown until a newer one is there; otherwise an older question is given up. */
  following: boolean;
}
/** Once nothing that it is made of moves any more, so that a drag or a hovering marker does not fill the worker's queue. */
export const RESTING: Pace = { restMs: 60, following: false };
/** At once, one question at a time: for what is quick enough to follow a drag. */
export const FOLLOWING: Pace = { restMs: 0, following: true };
/** The same for what hangs on a plan: asked once that has been painted, which would wait for a core that this keeps busy. */
export const BEHIND_PLAN: Pace = { restMs: 20, following: true };

/**
 * Works out a costly question anew whenever it changes: the newest question only, one at a time, with progress, stop and failure. Two
 * questions are the same when their parts are. An undefined one is not asked. Call in an injection context.
 */
export function study<Q extends object, A>(pace: Pace, question: () => Q | undefined, work: (q: Q, run: Run) => Promise<A>): Study<Q, A> {
  const element = inject<ElementRef<Element>>(ElementRef, { optional: true })?.nativeElement;
  const now = computed(question, { equal: sameParts });
  const last = signal<{ of: Q; answer: A } | undefined>(undefined);
  const failed = signal<{ of: Q; why: string } | undefined>(undefined);
  const progress = signal<{ of: Q; at: Progress } | undefined>(undefined);
  const stoppedAt = signal<Q | undefined>(undefined);
  const again$ = new Subject<void>();
  let running: AbortController | undefined;

  const isWanted = (of: Q): boolean => of === untracked(now) && of !== untracked(stoppedAt);
  const isSeen = (): boolean => element === undefined || isOnScreen(element);
  /** Works a question out; ends when it is answered or has failed. */
  const answer = (of: Q): Observable<never> =>
    new Observable((ended) => {
      const controller = (running = new AbortController());
      const { signal } = controller;
      const run: Run = { signal, isSeen, progress: (at) => isWanted(of) && progress.set({ of, at }) };
      work(of, run)
        .then(
          (found) => {
            if (signal.aborted || !(pace.following || isWanted(of))) return;
            last.set({ of, answer: found });
            failed.set(undefined);
          },
          (e: unknown) => {
            if (!signal.aborted) failed.set({ of, why: e instanceof Error ? e.message : String(e) });
          },
        )
        .finally(() => ended.complete());
      return () => controller.abort();
    });

  merge(toObservable(now), again$.pipe(map(() => untracked(now))))
    .pipe(
      paced(pace, inject(REST_FACTOR), (of) => (isWanted(of) && untracked(last)?.of !== of ? answer(of) : EMPTY)),
      takeUntilDestroyed(),
    )
    .subscribe();

  const of = <T extends { of: Q }>(s: Signal<T | undefined>): T | undefined => (s()?.of === now() ? s() : undefined);
  const stopped = computed(() => now() !== undefined && stoppedAt() === now());
  return {
    last: last.asReadonly(),
    fresh: computed(() => of(last) !== undefined),
    problem: computed(() => of(failed)?.why),
    progress: computed(() => (stopped() || of(last) || of(failed) ? undefined : of(progress)?.at)),
    stopped,
    stop: () => {
      stoppedAt.set(untracked(now));
      running?.abort(STOPPED);
    },
    again: () => {
      stoppedAt.set(undefined);
      failed.set(undefined);
      again$.next();
    },
  };
}

/** When the questions are worked out: while they change, or once they rest. */
function paced<Q>(
  { restMs, following }: Pace,
  restFactor: number,
  answer: (of: Q) => Observable<never>,
): OperatorFunction<Q | undefined, never> {
  if (!following) return switchMap((of) => (of ? timer(restMs * restFactor).pipe(switchMap(() => answer(of))) : EMPTY));
  return (questions$) => {
    const asked$ = questions$.pipe(filter((of) => of !== undefined));
    return (restMs ? asked$.pipe(auditTime(restMs * restFactor)) : asked$).pipe(oneAtATime(answer));
  };
}

function sameParts(a: object | undefined, b: object | undefined): boolean {
  if (!a || !b) return a === b;
  const parts = Object.entries(a);
  return parts.length === Object.keys(b).length && parts.every(([key, part]) => (b as Record<string, unknown>)[key] === part);
}
