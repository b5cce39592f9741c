import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { Commands } from '../commands/commands';
import { LedgerDrawer } from '../ledger/ledger-drawer';
import { LedgerService } from '../ledger/ledger-service';
import { NewTripDrawer } from '../library/new-trip-drawer';
import { TripsDrawer } from '../library/trips-drawer';
import { CommandDrawer } from './command-drawer';
import { SettingsDrawer } from './settings-drawer';

/** What opens beside every view; each comes when it is first opened. */
@Component({
  selector: 'app-drawers',
  imports: [CommandDrawer, LedgerDrawer, NewTripDrawer, SettingsDrawer, TripsDrawer],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @defer (when ledger.open() !== undefined; prefetch on idle) {
      <app-ledger-drawer />
    }
    @defer (when commands.panel() === 'commands'; prefetch on idle) {
      <app-command-drawer />
    }
    @defer (when commands.panel() === 'settings') {
      <app-settings-drawer />
    }
    @defer (when commands.panel() === 'trips') {
      <app-trips-drawer />
    }
    @defer (when commands.panel() === 'newTrip') {
      <app-new-trip-drawer />
    }
  `,
  styles: `
    :host {
      display: contents;
    }
  `,
})
export class Drawers {
  protected readonly commands = inject(Commands);
  protected readonly ledger = inject(LedgerService);
}
