import { Directive, ElementRef, inject, signal } from '@angular/core';

/**
 * Whether a `details` has ever been opened. What stands in one is built when it is first looked at, and stays:
 * `<details appOpened #o="opened"> … @if (o.once()) { … }`.
 */
@Directive({ selector: 'details[appOpened]', exportAs: 'opened', host: { '(toggle)': 'look()' } })
export class Opened {
  private readonly element = inject<ElementRef<HTMLDetailsElement>>(ElementRef).nativeElement;
  private readonly opened = signal(false);
  readonly once = this.opened.asReadonly();

  protected look(): void {
    if (this.element.open) this.opened.set(true);
  }
}
