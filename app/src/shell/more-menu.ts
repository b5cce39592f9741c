import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Router } from '@angular/router';
import { Commands } from '../commands/commands';
import { Icon } from '../ui/icon';
import { MENU } from '../ui/nz/menu';
import { VIEWS, type View } from './views';

/** “More” of the navigation on a phone: the other views, and what stands in the top bar of a desk. */
@Component({
  selector: 'app-more-menu',
  imports: [Icon, MENU],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <button nz-dropdown type="button" nzTrigger="click" nzPlacement="topRight" [nzDropdownMenu]="menu">
      <app-icon name="more" />
      <span>More</span>
    </button>
    <nz-dropdown-menu #menu="nzDropdownMenu">
      <ul nz-menu>
        @for (v of others(); track v.path) {
          <li nz-menu-item appMenuItem (chosen)="go(v)">{{ v.name }}</li>
        }
        <li nz-menu-divider></li>
        @for (c of frameCommands(); track c.id) {
          <li nz-menu-item appMenuItem [nzDisabled]="!c.enabled" (chosen)="c.run()">{{ c.label }}</li>
        }
      </ul>
    </nz-dropdown-menu>
  `,
  styleUrl: './thumb-item.less',
})
export class MoreMenu {
  private readonly commands = inject(Commands);
  private readonly router = inject(Router);
  /** Views that have a place of their own beside it. */
  readonly shown = input.required<readonly View[]>();

  protected readonly others = computed(() => VIEWS.filter((v) => !this.shown().includes(v)));
  protected readonly frameCommands = computed(() => this.commands.inFrame('app'));

  protected go({ path }: View): void {
    void this.router.navigateByUrl(`/${path}`);
  }
}
