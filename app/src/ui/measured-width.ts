import { computed, DestroyRef, ElementRef, inject, signal, type Signal } from '@angular/core';
import { pageScale } from '../platform/page-scale';

/**
 * Width of the host element in px of a page at its usual size (`Drawing`), measured when it is first asked for and followed through every resize;
 * `unmeasured` where it has none, off the page. Call in an injection context.
 */
export function measuredWidth(unmeasured: number): Signal<number> {
  const host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  const followed = signal<number | undefined>(undefined);
  // a first drawing for some other width would be drawn again at once
  const width = computed(() => followed() ?? (contentWidth(host) / pageScale() || unmeasured));
  if (typeof ResizeObserver === 'undefined') return width;
  const observer = new ResizeObserver((entries) => {
    const measured = entries[0].contentRect.width;
    if (measured > 0) followed.set(measured / pageScale());
  });
  observer.observe(host);
  inject(DestroyRef).onDestroy(() => observer.disconnect());
  return width;
}

/** Inside its padding, as an observer measures it; 0 where it is not laid out. */
function contentWidth(host: HTMLElement): number {
  const { width } = host.getBoundingClientRect();
  const { paddingLeft, paddingRight } = getComputedStyle(host);
  return Math.max(0, width - parseFloat(paddingLeft) - parseFloat(paddingRight));
}
