import { Directive, inject, output } from '@angular/core';
import { NzMenuItemComponent } from 'ng-zorro-antd/menu';

/** An item of a menu that is chosen by a click, or by Enter and Space where the menu has the focus (`MenuA11y`). */
@Directive({ selector: 'li[nz-menu-item][appMenuItem]', host: { role: 'menuitem', tabindex: '-1', '(click)': 'choose()' } })
export class MenuItem {
  private readonly item = inject(NzMenuItemComponent, { self: true });
  readonly chosen = output();

  protected choose(): void {
    if (!this.item.nzDisabled) this.chosen.emit();
  }
}
