import { Directive, DOCUMENT, inject } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { NzDrawerComponent } from 'ng-zorro-antd/drawer';

/**
 * Gives the focus back as soon as a drawer begins to close. (NG-ZORRO does when it has slid out, and then takes it from whatever has it by
 * now, be it the next dialog: so it finds nothing to give back.)
 */
@Directive({ selector: 'nz-drawer' })
export class DrawerFocus {
  private readonly document = inject(DOCUMENT);
  private before: HTMLElement | null = null;

  constructor() {
    inject(NzDrawerComponent)
      .nzVisibleChange.pipe(takeUntilDestroyed())
      .subscribe((isOpen) => (isOpen ? this.keep() : this.giveBack()));
  }

  /** The library notes what has the focus after it told that it opens. */
  private keep(): void {
    const { activeElement } = this.document;
    if (!(activeElement instanceof HTMLElement)) return;
    this.before = activeElement;
    activeElement.blur();
  }

  private giveBack(): void {
    const { activeElement, body } = this.document;
    if (!activeElement || activeElement === body || activeElement.closest('.ant-drawer')) this.before?.focus();
    this.before = null;
  }
}
