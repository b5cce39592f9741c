import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { Commands } from '../../commands/commands';
import { Dialog } from '../../ui/dialog';
import { DRAWER } from '../../ui/nz/drawer';
import { TrackTrip } from './track-trip';

/** A new trip along a track out of a file. */
@Component({
  selector: 'app-track-drawer',
  imports: [DRAWER, Dialog, NzButtonComponent, TrackTrip],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <nz-drawer [nzVisible]="commands.panel() === 'track'" nzWidth="27.5rem" [nzClosable]="false" (nzOnClose)="commands.close()">
      <ng-container *nzDrawerContent>
        @if (commands.panel() === 'track') {
          <section appDialog aria-labelledby="track-title">
            <h2 id="track-title">New trip from a track</h2>
            <app-track-trip (made)="commands.close()" />
            <button nz-button type="button" (click)="commands.close()">Close</button>
          </section>
        }
      </ng-container>
    </nz-drawer>
  `,
})
export class TrackDrawer {
  protected readonly commands = inject(Commands);
}
