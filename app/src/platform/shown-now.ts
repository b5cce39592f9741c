import { ApplicationRef, ErrorHandler, inject } from '@angular/core';

/**
 * Gives what puts all that has changed on the page before the task ends that changed it: left to the framework, it may come in the frame that paints it,
 * and a slow phone is held by both at once. Call in an injection context.
 */
export function shownNow(): () => void {
  const [app, errors] = [inject(ApplicationRef), inject(ErrorHandler)];
  const show = (): void => {
    try {
      app.tick();
    } catch (e) {
      errors.handleError(e);
    }
  };
  // never in the midst of another change of the page
  return () => queueMicrotask(show);
}
