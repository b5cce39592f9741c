import { BreakpointObserver } from '@angular/cdk/layout';
import { inject, type Signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { map } from 'rxjs';

/** Does the screen fit a media query? Call in an injection context. */
function screenIs(query: string): Signal<boolean> {
  const now = inject(BreakpointObserver).observe(query);
  return toSignal(now.pipe(map((s) => s.matches)), { initialValue: false });
}

/** Is there room for what otherwise stands on another side? Call in an injection context. */
export const wideScreen = (): Signal<boolean> => screenIs('(min-width: 1700px) and (min-height: 900px)');

/** Has what is asked and its answer to stand below one another? Then the answer comes first. Call in an injection context. */
export const answerFirstScreen = (): Signal<boolean> => screenIs('(max-width: 1180px)');

/** Is it a phone, where the style sheets put things below one another? Call in an injection context. */
export const narrowScreen = (): Signal<boolean> => screenIs('(max-width: 720px)');
