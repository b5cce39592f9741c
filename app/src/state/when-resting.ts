import type { EffectCleanupRegisterFn } from '@angular/core';

const REST_MS = 60;

/**
 * For an effect whose answer is costly: does `work` once nothing the effect has read moves any more, so that a drag or a hovering
 * marker does not fill the worker's queue.
 */
export function whenResting(onCleanup: EffectCleanupRegisterFn, work: () => void): void {
  const timer = setTimeout(work, REST_MS);
  onCleanup(() => clearTimeout(timer));
}
