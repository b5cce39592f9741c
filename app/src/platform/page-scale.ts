import { Injectable } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { fromEvent, map, startWith } from 'rxjs';

/** Size of type of the root on a page at its usual size, px: what one rem is there. */
export const ROOT_PX = 16;

/** A length of so many px on a page at its usual size. */
export const rem = (px: number): string => `${px / ROOT_PX}rem`;

/** How many times larger than usual the page is drawn: by the window (styles/base.less) and by the reader's own setting. */
export function pageScale(): number {
  return (parseFloat(getComputedStyle(document.documentElement).fontSize) || ROOT_PX) / ROOT_PX;
}

/** The same, followed as the window changes. */
@Injectable({ providedIn: 'root' })
export class PageScale {
  readonly now = toSignal(fromEvent(window, 'resize').pipe(startWith(undefined), map(pageScale)), { requireSync: true });
}
