import { NzDrawerComponent, NzDrawerContentDirective } from 'ng-zorro-antd/drawer';
import { DrawerFocus } from './drawer-focus';

/** What a template with a drawer imports. */
export const DRAWER = [DrawerFocus, NzDrawerComponent, NzDrawerContentDirective] as const;
