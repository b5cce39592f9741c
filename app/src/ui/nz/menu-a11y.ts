import { Directive, ElementRef, inject } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { NzDropdownDirective } from 'ng-zorro-antd/dropdown';
import { giveFocusBack, newId, setAttrs } from './attrs';

/**
 * A button with nz-dropdown opens a menu that the keyboard can go along: arrows, Home, End, Enter, Space, Escape; the focus comes back to the button.
 * (NG-ZORRO's items cannot be reached by key, and its menu has no name.) Its items are `appMenuItem`.
 */
@Directive({ selector: 'button[nz-dropdown]', host: { 'aria-haspopup': 'menu', 'aria-expanded': 'false' } })
export class MenuA11y {
  private readonly button = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  private readonly id = newId('menu');

  constructor() {
    inject(NzDropdownDirective, { self: true })
      .nzVisibleChange.pipe(takeUntilDestroyed())
      .subscribe((open) => {
        setAttrs(this.button, { 'aria-expanded': open, 'aria-controls': open ? this.id : null });
        if (open) requestAnimationFrame(() => this.enter());
        else giveFocusBack(this.button, this.id);
      });
  }

  /** The menu that was opened last is the one on top. */
  private enter(): void {
    const menu = [...this.button.ownerDocument.querySelectorAll<HTMLElement>('.cdk-overlay-container ul[nz-menu]')].at(-1);
    if (!menu) return;
    setAttrs(menu, { role: 'menu', id: this.id, 'aria-label': this.button.getAttribute('aria-label') ?? this.button.textContent?.trim() });
    const items = [...menu.querySelectorAll<HTMLElement>('[nz-menu-item]:not(.ant-dropdown-menu-item-disabled)')];
    menu.querySelectorAll('[nz-menu-divider]').forEach((line) => setAttrs(line, { role: 'separator' }));
    menu.onkeydown = (event) => this.move(event, items);
    items.at(0)?.focus();
  }

  private move(event: KeyboardEvent, items: readonly HTMLElement[]): void {
    const at = items.indexOf(event.target as HTMLElement);
    const to = { ArrowDown: (at + 1) % items.length, ArrowUp: (at + items.length - 1) % items.length, Home: 0, End: items.length - 1 }[
      event.key
    ];
    if (event.key === 'Tab') return this.button.focus();
    if (event.key === 'Enter' || event.key === ' ') items.at(at)?.click();
    else if (to !== undefined) items[to].focus();
    else return;
    event.preventDefault();
    event.stopPropagation(); // no command of the app is meant
  }
}
