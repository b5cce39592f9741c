import { computed, Injectable, signal } from '@angular/core';

/** What commands are grouped by in the palette, in its order. */
export const COMMAND_GROUPS = { go: 'Go to', trips: 'Trips and files', history: 'Undo and redo', app: 'The whole app' } as const;

export interface Command {
  id: string;
  label: string;
  group: keyof typeof COMMAND_GROUPS;
  /** Shown, and matched against KeyboardEvent: "Ctrl+Z", "e". */
  keys: string;
  enabled: boolean;
  /** It stands in the frame as well: with undo and redo, in the menu of trips, or with what is set for the whole app. */
  isInFrame?: true;
  run: () => void;
}
export type Panel = 'commands' | 'settings' | 'trips' | 'track';

/** The registry of what can be done by name or key: the palette, the sheet of keys and the side bar read it, the shell and the views add to it. */
@Injectable({ providedIn: 'root' })
export class Commands {
  private readonly sources = signal<readonly (() => Command[])[]>([]);
  private readonly panelSignal = signal<Panel | undefined>(undefined);
  private readonly importAskedSignal = signal(0);

  readonly panel = this.panelSignal.asReadonly();
  /** Counts requests to choose a file; the shell answers with its file input. */
  readonly importAsked = this.importAskedSignal.asReadonly();
  readonly list = computed((): Command[] => this.sources().flatMap((source) => source()));

  /** Adds commands that follow what they read; gives back how to take them away again. */
  add(source: () => Command[]): () => void {
    this.sources.update((all) => [...all, source]);
    return () => this.sources.update((all) => all.filter((s) => s !== source));
  }

  /** Those of a group that stand in the frame, in the order in which they were added. */
  inFrame(group: Command['group']): Command[] {
    return this.list().filter((c) => c.isInFrame && c.group === group);
  }

  askForFile(): void {
    this.importAskedSignal.update((n) => n + 1);
  }

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

  /** Runs the command of a key press, unless the press belongs to a field; a single letter also not while a drawer is open. */
  key(event: KeyboardEvent): void {
    const typing =
      event.target instanceof HTMLElement &&
      event.target.matches('input:not([type=range]):not([type=radio]):not([type=checkbox]), select, textarea');
    const combo = comboOf(event);
    const inDialog = this.panel() !== undefined || (event.target instanceof Element && event.target.closest('[role=dialog]'));
    if ((typing || inDialog) && !combo.startsWith('Ctrl+')) return;
    const id = combo === 'Ctrl+Shift+Z' ? 'redo' : combo === 'Ctrl+K' ? 'commands' : this.list().find((c) => c.keys === combo)?.id;
    if (!id) return;
    event.preventDefault();
    if (!typing) return this.run(id);
    // a field under edit hands over what was typed before the step back, and keeps the focus
    event.target.blur();
    this.run(id);
    event.target.focus();
  }
}

/** "Ctrl+Z", "Ctrl+Shift+Z", "e", "?"; the command key of other keyboards counts as Ctrl. */
export function comboOf(event: Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey' | 'shiftKey' | 'altKey'>): string {
  if (event.altKey) return '';
  if (!event.ctrlKey && !event.metaKey) return event.key;
  return `Ctrl+${event.shiftKey ? 'Shift+' : ''}${event.key.toUpperCase()}`;
}
