import { BreakpointObserver } from '@angular/cdk/layout';
import { inject, type Signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { map } from 'rxjs';

/** Is there room for what otherwise stands on another side? Call in an injection context. */
export function wideScreen(): Signal<boolean> {
  const wide = inject(BreakpointObserver).observe('(min-width: 1700px) and (min-height: 900px)');
  return toSignal(wide.pipe(map((s) => s.matches)), { initialValue: false });
}
