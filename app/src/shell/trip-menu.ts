import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { Commands } from '../commands/commands';
import { WorkspaceStore } from '../store/workspace-store';
import { Icon } from '../ui/icon';
import { MENU } from '../ui/nz/menu';

/** Trips that the menu itself lists; all of them stand in their drawer. */
const MOST_LISTED = 6;

/** The open trip, by its name; it opens the others, and what can be done with trips. */
@Component({
  selector: 'app-trip-menu',
  imports: [Icon, MENU, NzButtonComponent],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <button
      nz-button
      nz-dropdown
      type="button"
      nzTrigger="click"
      [nzDropdownMenu]="menu"
      [disabled]="!store.loaded()"
      [attr.aria-label]="'Trips, open: ' + store.trip().name"
    >
      <span class="name">{{ store.trip().name }}</span>
      <app-icon name="down" />
    </button>
    <nz-dropdown-menu #menu="nzDropdownMenu">
      <ul nz-menu>
        @for (trip of others(); track trip.id) {
          <li nz-menu-item appMenuItem (chosen)="store.openTrip(trip)">{{ trip.name }}</li>
        }
        @if (others().length) {
          <li nz-menu-divider></li>
        }
        @for (c of tripCommands(); track c.id) {
          <li nz-menu-item appMenuItem [nzDisabled]="!c.enabled" (chosen)="c.run()">{{ c.label }}</li>
        }
      </ul>
    </nz-dropdown-menu>
  `,
  styles: `
    button {
      display: flex;
      gap: 0.5rem;
      align-items: center;
      max-width: 15rem;
    }
    .name {
      overflow: hidden;
      text-overflow: ellipsis;
    }
    app-icon {
      font-size: 1rem;
    }
  `,
})
export class TripMenu {
  protected readonly store = inject(WorkspaceStore);
  private readonly commands = inject(Commands);

  protected readonly others = computed(() => {
    const { library, openId } = this.store.workspace();
    return library
      .filter((s) => !s.archived && s.trip.id !== openId)
      .slice(0, MOST_LISTED)
      .map((s) => s.trip);
  });
  protected readonly tripCommands = computed(() => this.commands.inFrame('trips'));
}
