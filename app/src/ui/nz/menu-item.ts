import { Directive, inject, input, output } from '@angular/core';
import { NzMenuItemComponent } from 'ng-zorro-antd/menu';

/** An item of a menu that is chosen by a click, or by Enter and Space where the menu has the focus (`MenuA11y`). */
@Directive({
  selector: 'li[nz-menu-item][appMenuItem]',
  host: {
    '[attr.role]': "checked() === undefined ? 'menuitem' : 'menuitemradio'",
    '[attr.aria-checked]': 'checked()',
    tabindex: '-1',
    '(click)': 'choose()',
  },
})
export class MenuItem {
  private readonly item = inject(NzMenuItemComponent, { self: true });
  /** Whether it is the one in force, of several to choose from. */
  readonly checked = input<boolean>();
  readonly chosen = output();

  protected choose(): void {
    if (!this.item.nzDisabled) this.chosen.emit();
  }
}
