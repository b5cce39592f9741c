import { inject, Injectable } from '@angular/core';
import { Router } from '@angular/router';
import { DEMO_RACK, DEMO_TRIP } from '@tinder/core/demo';
import { besideRack } from '@tinder/core/kit';
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

/** A command that has a place in the side bar. */
const side = (id: string, label: string, keys: string, run: () => void, enabled = true): Command => ({
  id,
  label,
  keys,
  enabled,
  side: true,
  run,
});
/** One of the palette. */
const more = (...args: Parameters<typeof side>): Command => ({ ...side(...args), side: false });

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
    return [...this.sideBar(), ...this.files(), ...this.ways()];
  }

  private sideBar(): Command[] {
    const { store, commands } = this;
    const [undo, redo] = [store.undoLabel(), store.redoLabel()];
    const headlamp = store.preferences().theme === 'headlamp';
    return [
      side('undo', undo ? `undo ${undo}` : 'undo', 'Ctrl+Z', () => store.undo(), !!undo),
      side('redo', redo ? `redo ${redo}` : 'redo', 'Ctrl+Y', () => store.redo(), !!redo),
      side('trips', 'trips', 'l', () => commands.open('trips')),
      side('newTrip', 'new trip', 'n', () => commands.open('newTrip')),
      side('export', 'export trip', 'e', () => downloadTrip(store.trip())),
      side('import', 'import', 'i', () => commands.askForFile()),
      side('settings', 'units', 'u', () => commands.open('settings')),
      side('theme', headlamp ? 'daylight' : 'headlamp', 't', () =>
        store.editPreferences('theme', { theme: headlamp ? 'day' : 'headlamp' }),
      ),
      side('guide', 'guide', 'g', () => void this.router.navigateByUrl('/guide')),
      side('commands', 'commands', '?', () => commands.open('commands')),
    ];
  }

  private files(): Command[] {
    const trip = this.store.trip();
    return [
      more('backup', 'back up every trip', 'b', () => this.backUp()),
      more('share', 'a file of this trip for somebody else to look at', 's', () => downloadToLookAt(trip)),
      more('rack', 'export the rack: pieces, kits, scores', 'r', () => downloadRack(this.store.rack())),
      more('demoRack', 'put the demo’s pieces and kits on the rack', 'k', () => this.loadDemoRack()),
      more(
        'calendar',
        'resupply and posting days as a calendar',
        'c',
        () => void downloadCalendar(trip, new Date()).catch((e: unknown) => this.updates.partIsGone(e)),
      ),
      more(
        'waypoints',
        'stops and camps as GPX waypoints',
        'w',
        () => downloadWaypoints(trip),
        trip.stops.some((s) => s.at),
      ),
      more('demo', 'load the demo trip', 'd', () => this.loadDemo()),
    ];
  }

  private ways(): Command[] {
    const { fold } = this;
    return [
      more('ribbon', fold.unfolded() ? 'fold the ribbon on Carry and Menu' : 'unfold the ribbon on Carry and Menu', 'f', () => fold.turn()),
      more('start', 'how to start: three doors', 'a', () => this.start.show('doors')),
      more('findKit', 'find a kit for this trip', 'x', () => {
        void this.router.navigateByUrl('/kit?side=find');
      }),
      more('install', 'install the app on this device', 'o', () => void this.install.install(), this.install.canInstall()),
      ...this.views(),
    ];
  }

  private views(): Command[] {
    return VIEWS.map(({ path, name }, i) => more(path, `go to ${name}`, `${i + 1}`, () => void this.router.navigateByUrl(`/${path}`)));
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
    this.store.edit('load the demo trip', (w) =>
      w.library.some((s) => s.trip.id === DEMO_TRIP.id)
        ? { ...withTrip(w, DEMO_TRIP.id, () => fresh), openId: DEMO_TRIP.id }
        : withNewTrips(w, [fresh]),
    );
  }
}
