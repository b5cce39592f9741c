import { inject, Injectable } from '@angular/core';
import { Router } from '@angular/router';
import { DEMO_RACK, DEMO_TRIP } from '@tinder/core/demo';
import { besideRack } from '@tinder/core/domain/kit';
import { RibbonFold } from '../charts/ribbon-fold';
import { Commands, type Command } from '../commands/commands';
import { Start } from '../commands/start';
import { AppUpdates } from '../platform/app-updates';
import { InstallOffer } from '../platform/install-offer';
import { Autosave } from '../store/autosave';
import { downloadBackup, downloadCalendar, downloadRack, downloadToLookAt, downloadTrip, downloadWaypoints } from '../store/trip-files';
import { withNewTrips, withTrip } from '../store/workspace';
import { WorkspaceStore } from '../store/workspace-store';
import { today } from '../ui/today';
import { VIEWS } from './views';

type Said = [id: string, label: string, keys: string, run: () => void, enabled?: boolean];
const command = (group: Command['group'], ...[id, label, keys, run, enabled = true]: Said): Command => ({
  id,
  label,
  group,
  keys,
  enabled,
  run,
});
/** A command that has a place of its own in the frame. */
const placed = (...of: Parameters<typeof command>): Command => ({ ...command(...of), isInFrame: true });

/** What can be done from every view, and the ways to the views. */
@Injectable({ providedIn: 'root' })
export class AppCommands {
  private readonly commands = inject(Commands);
  private readonly store = inject(WorkspaceStore);
  private readonly autosave = inject(Autosave);
  private readonly router = inject(Router);
  private readonly fold = inject(RibbonFold);
  private readonly start = inject(Start);
  private readonly install = inject(InstallOffer);
  private readonly updates = inject(AppUpdates);

  list(): Command[] {
    return [...this.frame(), ...this.files(), ...this.ways()];
  }

  private frame(): Command[] {
    const { store, commands } = this;
    const [undo, redo] = [store.undoLabel(), store.redoLabel()];
    const headlamp = store.preferences().theme === 'headlamp';
    return [
      placed('history', 'undo', undo ? `Undo: ${undo}` : 'Undo', 'Ctrl+Z', () => store.undo(), !!undo),
      placed('history', 'redo', redo ? `Redo: ${redo}` : 'Redo', 'Ctrl+Y', () => store.redo(), !!redo),
      placed('trips', 'newTrip', 'New trip', 'n', () => void this.router.navigateByUrl('/new')),
      placed('trips', 'track', 'New trip from a track', 'm', () => commands.open('track')),
      placed('trips', 'trips', 'All trips', 'l', () => commands.open('trips')),
      placed('trips', 'import', 'Import a file', 'i', () => commands.askForFile()),
      placed('trips', 'export', 'Export trip', 'e', () => downloadTrip(store.trip())),
      placed('trips', 'share', 'Export trip to look at', 's', () => downloadToLookAt(store.trip())),
      placed('trips', 'backup', 'Back up every trip', 'b', () => this.backUp()),
      placed('app', 'settings', 'Units', 'u', () => commands.open('settings')),
      placed('app', 'theme', headlamp ? 'Daylight' : 'Headlamp', 't', () =>
        store.editPreferences('theme', { theme: headlamp ? 'day' : 'headlamp' }),
      ),
      placed('app', 'guide', 'Guide', 'g', () => void this.router.navigateByUrl('/guide')),
      placed('app', 'commands', 'All commands', '?', () => commands.open('commands')),
    ];
  }

  private files(): Command[] {
    const trip = this.store.trip();
    return [
      command('trips', 'rack', 'Export gear: pieces, kits, scores', 'r', () => downloadRack(this.store.rack())),
      command('trips', 'demoRack', 'Add the sample’s pieces and kits to my gear', 'k', () => this.loadDemoRack()),
      command(
        'trips',
        'calendar',
        'Export resupply and posting days (calendar)',
        'c',
        () => void downloadCalendar(trip, new Date()).catch((e: unknown) => this.updates.partIsGone(e)),
      ),
      command(
        'trips',
        'waypoints',
        'Export stops and camps (GPX)',
        'w',
        () => downloadWaypoints(trip),
        trip.stops.some((s) => s.at),
      ),
      command('trips', 'demo', 'Open the sample trip', 'd', () => this.loadDemo()),
    ];
  }

  private ways(): Command[] {
    const { fold } = this;
    return [
      command('app', 'ribbon', fold.unfolded() ? 'Fold the ribbon on Carry and Menu' : 'Unfold the ribbon on Carry and Menu', 'f', () =>
        fold.turn(),
      ),
      command('go', 'start', 'Three ways to start', 'a', () => void this.router.navigateByUrl('/start')),
      command('go', 'findKit', 'Find a kit for this trip', 'x', () => {
        void this.router.navigateByUrl('/kit?side=find');
      }),
      command('app', 'install', 'Install the app on this device', 'o', () => void this.install.install(), this.install.canInstall()),
      ...this.views(),
    ];
  }

  private views(): Command[] {
    return VIEWS.map(({ path, name }, i) =>
      command('go', path, `Go to ${name}`, `${i + 1}`, () => void this.router.navigateByUrl(`/${path}`)),
    );
  }

  private backUp(): void {
    const day = today();
    downloadBackup(this.store.workspace(), day);
    void this.autosave.backedUp(day);
  }

  private loadDemoRack(): void {
    this.store.editRack('the demo’s rack', (r) => besideRack(r, DEMO_RACK, () => crypto.randomUUID()));
  }

  /** The demo as it was written: in place of an edited one, or added where it is gone. */
  private loadDemo(): void {
    const fresh = { trip: DEMO_TRIP, archived: false };
    this.store.edit('Open the sample trip', (w) =>
      w.library.some((s) => s.trip.id === DEMO_TRIP.id)
        ? { ...withTrip(w, DEMO_TRIP.id, () => fresh), openId: DEMO_TRIP.id }
        : withNewTrips(w, [fresh]),
    );
  }
}
