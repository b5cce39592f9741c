import { computed, DestroyRef, effect, inject, signal, untracked, type Signal } from '@angular/core';
import { shownNow } from '../platform/shown-now';
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
  progress(p: Progress): void;
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
  const restFactor = inject(REST_FACTOR);
  const showNow = shownNow();
  const now = computed(question, { equal: sameParts });
  const last = signal<{ of: Q; answer: A } | undefined>(undefined);
  const failed = signal<{ of: Q; why: string } | undefined>(undefined);
  const progress = signal<{ of: Q; at: Progress } | undefined>(undefined);
  const stoppedAt = signal<Q | undefined>(undefined);
  let running: { of: Q; controller: AbortController } | undefined;
  /** The question has just changed, and is asked when its rest is over. */
  let resting = false;
  let gone = false;

  const isWanted = (of: Q): boolean => of === untracked(now) && of !== untracked(stoppedAt) && !gone;
  /** Gives whether an answer has come, which is not on the page yet. */
  const answer = async (of: Q): Promise<boolean> => {
    const controller = new AbortController();
    running = { of, controller };
    try {
      const found = await work(of, { signal: controller.signal, progress: (at) => isWanted(of) && progress.set({ of, at }) });
      if (gone || controller.signal.aborted || !(pace.following || isWanted(of))) return false;
      last.set({ of, answer: found });
      failed.set(undefined);
      return true;
    } catch (e) {
      if (!controller.signal.aborted) failed.set({ of, why: e instanceof Error ? e.message : String(e) });
      return false;
    } finally {
      running = undefined;
    }
  };
  const ask = async (): Promise<void> => {
    if (running) return;
    let asked: Q | undefined;
    let unseen = false;
    for (let of = untracked(now); of && of !== asked && isWanted(of) && !resting; of = untracked(now)) {
      asked = of;
      const answered = answer(of);
      if (unseen) showNow(); // while the next question is on its way
      unseen = await answered;
    }
    if (unseen) showNow();
  };

  effect((onCleanup) => {
    const of = now();
    if (!of) return;
    if (!pace.following && running && running.of !== of) running.controller.abort();
    if (pace.restMs === 0) return void untracked(ask);
    if (resting) return; // what follows a drag does not wait for its end
    resting = true;
    const timer = setTimeout(() => {
      resting = false;
      void ask();
    }, pace.restMs * restFactor);
    if (pace.following) return;
    onCleanup(() => {
      resting = false;
      clearTimeout(timer);
    });
  });
  inject(DestroyRef).onDestroy(() => {
    gone = true;
    running?.controller.abort();
  });

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
      running?.controller.abort(STOPPED);
    },
    again: () => {
      stoppedAt.set(undefined);
      failed.set(undefined);
      void ask();
    },
  };
}

function sameParts(a: object | undefined, b: object | undefined): boolean {
  if (!a || !b) return a === b;
  const parts = Object.entries(a);
  return parts.length === Object.keys(b).length && parts.every(([key, part]) => (b as Record<string, unknown>)[key] === part);
}
