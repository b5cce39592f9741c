import { PLAIN_RACK } from '@tinder/core/domain/model';
import { DEMO_RACK } from '@tinder/core/demo';
import { stretchLeg } from '@tinder/core/domain/trail';
import { TestBed } from '@angular/core/testing';
import { WorkspaceStore } from '../store/workspace-store';
import { findCommands } from '../commands/find-commands';
import { Commands } from '../commands/commands';
import { AppCommands } from './app-commands';

describe('commands', () => {
  const setup = () => {
    const commands = TestBed.inject(Commands);
    const own = TestBed.inject(AppCommands);
    commands.add(() => own.list());
    return { commands, store: TestBed.inject(WorkspaceStore) };
  };
  const press = (commands: Commands, key: string, more: KeyboardEventInit = {}, target: HTMLElement = document.body) => {
    const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more });
    target.dispatchEvent(event);
    commands.key(event);
    return event;
  };
  const labelOf = (commands: Commands, id: string) => commands.list().find((c) => c.id === id)?.label;

  it('name what undo and redo would do, and do it', () => {
    const { commands, store } = setup();
    expect(commands.list().find((c) => c.id === 'undo')?.enabled).toBe(false);
    store.editKit('lid', 0, { lidOn: false });
    expect(labelOf(commands, 'undo')).toBe('Undo: lid');
    press(commands, 'z', { ctrlKey: true });
    expect(store.trip().kit.lidOn).toBe(true);
    expect(labelOf(commands, 'redo')).toBe('Redo: lid');
    press(commands, 'z', { ctrlKey: true, shiftKey: true });
    expect(store.trip().kit.lidOn).toBe(false);
  });

  it('put the demo’s pieces and kits onto an empty rack, once', () => {
    const { commands, store } = setup();
    store.edit('empty', (w) => ({ ...w, rack: PLAIN_RACK }));
    press(commands, 'k');
    expect(store.rack().kits).toHaveLength(DEMO_RACK.kits.length);
    press(commands, 'k');
    expect(store.rack().pieces).toHaveLength(DEMO_RACK.pieces.length);
    expect(labelOf(commands, 'undo')).toContain('the demo’s rack');
  });

  it('leave single letters to the field that is typed in', () => {
    const { commands, store } = setup();
    const field = document.body.appendChild(document.createElement('input'));
    expect(press(commands, 't', {}, field).defaultPrevented).toBe(false);
    expect(store.preferences().theme).toBe('day');
    expect(press(commands, 't').defaultPrevented).toBe(true);
    expect(store.preferences().theme).toBe('headlamp');
    field.remove();
  });

  it('hold back single letters while a drawer is open, and take them again after it', () => {
    const { commands, store } = setup();
    const before = store.preferences().theme;
    commands.open('trips');
    expect(press(commands, 't').defaultPrevented).toBe(false);
    expect(store.preferences().theme).toBe(before);
    commands.close();
    const inDialog = document.body.appendChild(document.createElement('div'));
    inDialog.setAttribute('role', 'dialog'); // the ledger's drawer is none of these panels
    press(commands, 't', {}, inDialog);
    expect(store.preferences().theme).toBe(before);
    inDialog.remove();
    press(commands, 't');
    expect(store.preferences().theme).not.toBe(before);
  });

  it('unfold the ribbon and fold it again', () => {
    const { commands } = setup();
    const words = () => labelOf(commands, 'ribbon');
    expect(words()).toContain('Unfold the ribbon');
    press(commands, 'f');
    expect(words()).toMatch(/^Fold the ribbon/);
    press(commands, 'f');
    expect(words()).toContain('Unfold the ribbon');
  });

  it('open the palette by ? and by Ctrl+K, and close it', () => {
    const { commands } = setup();
    press(commands, '?', { shiftKey: true });
    expect(commands.panel()).toBe('commands');
    commands.close();
    press(commands, 'k', { ctrlKey: true });
    expect(commands.panel()).toBe('commands');
  });

  it('have a key each, none of them twice', () => {
    const keys = setup()
      .commands.list()
      .map((c) => c.keys);
    expect(new Set(keys).size).toBe(keys.length);
  });

  it('bring the demo back as one undoable step', () => {
    const { commands, store } = setup();
    store.editTrip('days', (t) => stretchLeg(t, 0, 17));
    commands.run('demo');
    expect(store.trip().legs[0].days.length).toBe(5);
    store.undo();
    expect(store.trip().legs[0].days.length).toBe(17);
  });

  it('are found by what is typed, the likeliest first: a view before what only speaks of it', () => {
    const { commands } = setup();
    expect(findCommands(commands.list(), 'kit')[0].label).toBe('Go to Kit');
    expect(findCommands(commands.list(), 'Menu')[0].label).toBe('Go to Menu');
    expect(findCommands(commands.list(), 'exp')[0].label).toBe('Export trip');
    expect(findCommands(commands.list(), ' ')).toEqual(commands.list());
    expect(findCommands(commands.list(), 'no such thing')).toEqual([]);
  });
});
