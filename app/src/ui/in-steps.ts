import { DestroyRef, effect, inject, signal, untracked, type Signal } from '@angular/core';

/**
 * Counts from 0 to `last`, one step a task, from when `begins` first holds: a view that is built so leaves the page free between its parts, and what
 * was asked for meanwhile is seen first. Call in an injection context.
 */
export function inSteps(last: number, begins: () => boolean): Signal<number> {
  const step = signal(0);
  let timer: ReturnType<typeof setTimeout> | undefined;
  const next = (): void => {
    step.update((n) => n + 1);
    if (untracked(step) < last) timer = setTimeout(next);
  };
  effect(() => {
    if (begins() && timer === undefined) timer = setTimeout(next);
  });
  inject(DestroyRef).onDestroy(() => clearTimeout(timer));
  return step.asReadonly();
}
