import { computed, DestroyRef, effect, inject, signal, untracked, type Signal } from '@angular/core';

const REST_MS = 60;

/** Answers to a question that keeps changing. */
export interface Answers<Q, A> {
  /** The last one with the question it belongs to: it stays until a newer one is there. */
  last: Signal<{ of: Q; answer: A } | undefined>;
  /** Is the last answer one to the question as it is now? */
  fresh: Signal<boolean>;
}

/**
 * Asks a costly question anew once nothing that it is made of moves any more, so that a drag or a hovering marker does not fill a worker's
 * queue; an answer to an older question is dropped. Two questions are the same when their parts are. An undefined one is not asked. Call in
 * an injection context.
 */
export function answerWhenResting<Q extends object, A>(question: () => Q | undefined, ask: (q: Q) => Promise<A>): Answers<Q, A> {
  return answers(question, ask, REST_MS, false);
}

/**
 * The same for what is quick enough to follow a drag: asked at once, one question at a time, and every answer is shown until a newer one
 * is there.
 */
export function answerFollowing<Q extends object, A>(question: () => Q | undefined, ask: (q: Q) => Promise<A>): Answers<Q, A> {
  return answers(question, ask, 0, true);
}

function answers<Q extends object, A>(
  question: () => Q | undefined,
  ask: (q: Q) => Promise<A>,
  restMs: number,
  showLate: boolean,
): Answers<Q, A> {
  const now = computed(question, { equal: sameParts });
  const last = signal<{ of: Q; answer: A } | undefined>(undefined);
  let busy = false;
  let gone = false;
  const work = async (): Promise<void> => {
    if (busy) return;
    busy = true;
    let asked: Q | undefined;
    try {
      for (let of = untracked(now); of && of !== asked && !gone; of = untracked(now)) {
        asked = of;
        const answer = await ask(of);
        if (!gone && (showLate || of === untracked(now))) last.set({ of, answer });
      }
    } finally {
      busy = false;
    }
  };
  effect((onCleanup) => {
    if (!now()) return;
    const timer = setTimeout(() => void work(), restMs);
    onCleanup(() => clearTimeout(timer));
  });
  inject(DestroyRef).onDestroy(() => (gone = true));
  return { last: last.asReadonly(), fresh: computed(() => last() !== undefined && last()?.of === now()) };
}

function sameParts(a: object | undefined, b: object | undefined): boolean {
  if (!a || !b) return a === b;
  const parts = Object.entries(a);
  return parts.length === Object.keys(b).length && parts.every(([key, part]) => (b as Record<string, unknown>)[key] === part);
}
