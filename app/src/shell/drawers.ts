import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { Commands } from '../commands/commands';
import { LedgerDrawer } from '../parts/ledger/ledger-drawer';
import { LedgerService } from '../parts/ledger/ledger-service';
import { TrackDrawer } from '../parts/library/track-drawer';
import { TripsDrawer } from '../parts/library/trips-drawer';
import { CommandDrawer } from './command-drawer';
import { SettingsDrawer } from './settings-drawer';
import { MissingPart } from '../ui/missing-part';

/** What opens beside every view; each comes when it is first opened. */
@Component({
  selector: 'app-drawers',
  imports: [MissingPart, CommandDrawer, LedgerDrawer, SettingsDrawer, TrackDrawer, TripsDrawer],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @defer (when ledger.open() !== undefined; prefetch on idle) {
      <app-ledger-drawer />
    } @error {
      <app-missing-part />
    }
    @defer (when commands.panel() === 'commands'; prefetch on idle) {
      <app-command-drawer />
    } @error {
      <app-missing-part />
    }
    @defer (when commands.panel() === 'settings') {
      <app-settings-drawer />
    } @error {
      <app-missing-part />
    }
    @defer (when commands.panel() === 'trips') {
      <app-trips-drawer />
    } @error {
      <app-missing-part />
    }
    @defer (when commands.panel() === 'track') {
      <app-track-drawer />
    } @error {
      <app-missing-part />
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
