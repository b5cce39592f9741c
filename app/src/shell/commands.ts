import { computed, inject, Injectable, signal } from '@angular/core';
import { downloadTrip } from '../state/trip-files';
import { WorkspaceStore } from '../state/workspace-store';
import { demoWorkspace } from '../state/workspace';

export interface Command {
  id: string;
  label: string;
  /** Shown, and matched against KeyboardEvent: "Ctrl+Z", "e". */
  keys: string;
  enabled: boolean;
  run: () => void;
}
export type Panel = 'commands' | 'settings';

/** Everything that can be done from anywhere, with its shortcut: the palette, the sheet of keys and the side bar share it. */
@Injectable({ providedIn: 'root' })
export class Commands {
  private readonly store = inject(WorkspaceStore);
  private readonly panelSignal = signal<Panel | undefined>(undefined);
  private readonly importAskedSignal = signal(0);

  readonly panel = this.panelSignal.asReadonly();
  /** Counts requests to choose a file; the shell answers with its file input. */
  readonly importAsked = this.importAskedSignal.asReadonly();

  readonly list = computed((): Command[] => {
    const undo = this.store.undoLabel();
    const redo = this.store.redoLabel();
    const headlamp = this.store.preferences().theme === 'headlamp';
    return [
      { id: 'undo', label: undo ? `undo ${undo}` : 'undo', keys: 'Ctrl+Z', enabled: !!undo, run: () => this.store.undo() },
      { id: 'redo', label: redo ? `redo ${redo}` : 'redo', keys: 'Ctrl+Y', enabled: !!redo, run: () => this.store.redo() },
      { id: 'export', label: 'export trip', keys: 'e', enabled: true, run: () => downloadTrip(this.store.trip()) },
      { id: 'import', label: 'import trip', keys: 'i', enabled: true, run: () => this.importAskedSignal.update((n) => n + 1) },
      { id: 'settings', label: 'units', keys: 'u', enabled: true, run: () => this.panelSignal.set('settings') },
      {
        id: 'theme',
        label: headlamp ? 'daylight' : 'headlamp',
        keys: 't',
        enabled: true,
        run: () => this.store.editPreferences('theme', { theme: headlamp ? 'day' : 'headlamp' }),
      },
      {
        id: 'demo',
        label: 'load the demo trip',
        keys: 'd',
        enabled: true,
        run: () => this.store.editTrip('load the demo trip', () => demoWorkspace().trip),
      },
      { id: 'commands', label: 'all commands', keys: '?', enabled: true, run: () => this.panelSignal.set('commands') },
    ];
  });

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
      event.target instanceof HTMLElement && event.target.matches('input:not([type=range]):not([type=radio]), select, textarea');
    const combo = comboOf(event);
    if (typing && !combo.startsWith('Ctrl+')) return;
    const id = combo === 'Ctrl+Shift+Z' ? 'redo' : combo === 'Ctrl+K' ? 'commands' : this.list().find((c) => c.keys === combo)?.id;
    if (!id) return;
    event.preventDefault();
    // a field under edit hands over what was typed before the step back
    if (typing) event.target.blur();
    this.run(id);
  }
}

/** "Ctrl+Z", "Ctrl+Shift+Z", "e", "?"; the command key of other keyboards counts as Ctrl. */
export function comboOf(event: Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey' | 'shiftKey' | 'altKey'>): string {
  if (event.altKey) return '';
  if (!event.ctrlKey && !event.metaKey) return event.key;
  return `Ctrl+${event.shiftKey ? 'Shift+' : ''}${event.key.toUpperCase()}`;
}
