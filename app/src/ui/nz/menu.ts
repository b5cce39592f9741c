import { NzDropdownDirective, NzDropdownMenuComponent } from 'ng-zorro-antd/dropdown';
import { NzMenuDirective, NzMenuDividerDirective, NzMenuItemComponent } from 'ng-zorro-antd/menu';
import { MenuA11y } from './menu-a11y';
import { MenuItem } from './menu-item';

/** What a template with a menu under a button imports. */
export const MENU = [
  MenuA11y,
  MenuItem,
  NzDropdownDirective,
  NzDropdownMenuComponent,
  NzMenuDirective,
  NzMenuDividerDirective,
  NzMenuItemComponent,
] as const;
