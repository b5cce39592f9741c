import { computed, effect, signal, type Signal } from '@angular/core';

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
  const now = computed(question, { equal: sameParts });
  const last = signal<{ of: Q; answer: A } | undefined>(undefined);
  effect((onCleanup) => {
    const of = now();
    if (!of) return;
    let wanted = true;
    const timer = setTimeout(() => void ask(of).then((answer) => wanted && last.set({ of, answer })), REST_MS);
    onCleanup(() => {
      wanted = false;
      clearTimeout(timer);
    });
  });
  return { last: last.asReadonly(), fresh: computed(() => last() !== undefined && last()?.of === now()) };
}

function sameParts(a: object | undefined, b: object | undefined): boolean {
  if (!a || !b) return a === b;
  const parts = Object.entries(a);
  return parts.length === Object.keys(b).length && parts.every(([key, part]) => (b as Record<string, unknown>)[key] === part);
}
