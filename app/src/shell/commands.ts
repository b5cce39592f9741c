import { computed, inject, Injectable, signal } from '@angular/core';
import { Router } from '@angular/router';
import { besideRack, DEMO_RACK, DEMO_TRIP } from '@tinder/core';
import { Autosave } from '../state/autosave';
import { downloadBackup, downloadCalendar, downloadRack, downloadTrip, downloadWaypoints } from '../state/trip-files';
import { withNewTrips, withTrip } from '../state/workspace';
import { WorkspaceStore } from '../state/workspace-store';

export interface Command {
  id: string;
  label: string;
  /** Shown, and matched against KeyboardEvent: "Ctrl+Z", "e". */
  keys: string;
  enabled: boolean;
  /** Has a place in the side bar; the others are in the palette. */
  side: boolean;
  run: () => void;
}
export type Panel = 'commands' | 'settings' | 'trips' | 'newTrip';

/** Everything that can be done from anywhere, with its shortcut: the palette, the sheet of keys and the side bar share it. */
@Injectable({ providedIn: 'root' })
export class Commands {
  private readonly store = inject(WorkspaceStore);
  private readonly autosave = inject(Autosave);
  private readonly router = inject(Router);
  private readonly panelSignal = signal<Panel | undefined>(undefined);
  private readonly importAskedSignal = signal(0);

  readonly panel = this.panelSignal.asReadonly();
  /** Counts requests to choose a file; the shell answers with its file input. */
  readonly importAsked = this.importAskedSignal.asReadonly();

  readonly list = computed((): Command[] => {
    const undo = this.store.undoLabel();
    const redo = this.store.redoLabel();
    const headlamp = this.store.preferences().theme === 'headlamp';
    const trip = this.store.trip();
    const side = (id: string, label: string, keys: string, run: () => void, enabled = true): Command => ({
      id,
      label,
      keys,
      enabled,
      side: true,
      run,
    });
    const more = (...args: Parameters<typeof side>): Command => ({ ...side(...args), side: false });
    return [
      side('undo', undo ? `undo ${undo}` : 'undo', 'Ctrl+Z', () => this.store.undo(), !!undo),
      side('redo', redo ? `redo ${redo}` : 'redo', 'Ctrl+Y', () => this.store.redo(), !!redo),
      side('trips', 'trips', 'l', () => this.open('trips')),
      side('newTrip', 'new trip', 'n', () => this.open('newTrip')),
      side('export', 'export trip', 'e', () => downloadTrip(trip)),
      side('import', 'import', 'i', () => this.importAskedSignal.update((n) => n + 1)),
      side('settings', 'units', 'u', () => this.open('settings')),
      side('theme', headlamp ? 'daylight' : 'headlamp', 't', () =>
        this.store.editPreferences('theme', { theme: headlamp ? 'day' : 'headlamp' }),
      ),
      side('commands', 'commands', '?', () => this.open('commands')),
      more('backup', 'back up every trip', 'b', () => this.backUp()),
      more('rack', 'export the rack: pieces, kits, scores', 'r', () => downloadRack(this.store.rack())),
      more('demoRack', 'put the demo’s pieces and kits on the rack', 'k', () => this.loadDemoRack()),
      more('calendar', 'resupply and posting days as a calendar', 'c', () => downloadCalendar(trip, new Date())),
      more(
        'waypoints',
        'stops and camps as GPX waypoints',
        'w',
        () => downloadWaypoints(trip),
        trip.stops.some((s) => s.at),
      ),
      more('demo', 'load the demo trip', 'd', () => this.loadDemo()),
      more('trail', 'go to Trail', '1', () => void this.router.navigateByUrl('/trail')),
      more('kit', 'go to Kit', '2', () => void this.router.navigateByUrl('/kit')),
      more('menu', 'go to Menu', '3', () => void this.router.navigateByUrl('/menu')),
      more('carry', 'go to Carry', '4', () => void this.router.navigateByUrl('/carry')),
    ];
  });

  open(panel: Panel): void {
    this.panelSignal.set(panel);
  }

  close(): void {
    this.panelSignal.set(undefined);
  }

  run(id: string): void {
    const command = this.list().find((c) => c.id === id);
    if (command?.enabled) command.run();
  }

  /** Runs the command of a key press, unless the press belongs to a field. */
  key(event: KeyboardEvent): void {
    const typing =
      event.target instanceof HTMLElement &&
      event.target.matches('input:not([type=range]):not([type=radio]):not([type=checkbox]), select, textarea');
    const combo = comboOf(event);
    if (typing && !combo.startsWith('Ctrl+')) return;
    const id = combo === 'Ctrl+Shift+Z' ? 'redo' : combo === 'Ctrl+K' ? 'commands' : this.list().find((c) => c.keys === combo)?.id;
    if (!id) return;
    event.preventDefault();
    // a field under edit hands over what was typed before the step back
    if (typing) event.target.blur();
    this.run(id);
  }

  private backUp(): void {
    const today = new Date().toISOString().slice(0, 10);
    downloadBackup(this.store.workspace(), today);
    void this.autosave.backedUp(today);
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

/** "Ctrl+Z", "Ctrl+Shift+Z", "e", "?"; the command key of other keyboards counts as Ctrl. */
export function comboOf(event: Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey' | 'shiftKey' | 'altKey'>): string {
  if (event.altKey) return '';
  if (!event.ctrlKey && !event.metaKey) return event.key;
  return `Ctrl+${event.shiftKey ? 'Shift+' : ''}${event.key.toUpperCase()}`;
}
