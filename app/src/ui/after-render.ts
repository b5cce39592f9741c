import { afterNextRender, inject, Injector } from '@angular/core';

/**
 * Gives what does some work once the page has followed what was just changed. A field uses it to show what the store holds after an edit: a value
 * that was refused changes no binding. Call in an injection context.
 */
export function afterRender(): (work: () => void) => void {
  const injector = inject(Injector);
  return (work) => void afterNextRender({ write: work }, { injector });
}
