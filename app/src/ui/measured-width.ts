import { DestroyRef, ElementRef, inject, signal, type Signal } from '@angular/core';

/** Width of the host element in CSS pixels, followed through every resize. Call in an injection context. */
export function measuredWidth(initial: number): Signal<number> {
  const host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  const width = signal(initial);
  if (typeof ResizeObserver === 'undefined') return width;
  const observer = new ResizeObserver((entries) => {
    const measured = entries[0].contentRect.width;
    if (measured > 0) width.set(measured);
  });
  observer.observe(host);
  inject(DestroyRef).onDestroy(() => observer.disconnect());
  return width;
}
