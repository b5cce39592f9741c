import { Injectable, signal } from '@angular/core';

/** Whether ribbons that are drawn low stand unfolded, until the page is left. */
@Injectable({ providedIn: 'root' })
export class RibbonFold {
  readonly unfolded = signal(false);

  turn(): void {
    this.unfolded.update((is) => !is);
  }
}
