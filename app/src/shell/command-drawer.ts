import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzInputDirective } from 'ng-zorro-antd/input';
import { COMMAND_GROUPS, Commands, type Command } from '../commands/commands';
import { findCommands } from '../commands/find-commands';
import { Dialog } from '../ui/dialog';
import { DRAWER } from '../ui/nz/drawer';
import { CommandOption } from './command-option';

/** The command palette, which is also the list of shortcuts: found by typing, gone along by arrow keys, grouped until something is typed. */
@Component({
  selector: 'app-command-drawer',
  imports: [CommandOption, DRAWER, Dialog, NzButtonComponent, NzInputDirective],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <nz-drawer [nzVisible]="isOpen()" nzWidth="26.25rem" [nzClosable]="false" (nzOnClose)="commands.close()">
      <ng-container *nzDrawerContent>
        @if (isOpen()) {
          <section appDialog aria-labelledby="commands-title">
            <h2 id="commands-title">All commands</h2>
            <input
              nz-input
              cdkFocusInitial
              role="combobox"
              aria-label="Find a command"
              aria-expanded="true"
              aria-autocomplete="list"
              aria-controls="commands-list"
              [attr.aria-activedescendant]="activeId()"
              placeholder="Type to find"
              [value]="wanted()"
              (input)="find($any($event.target).value)"
              (keydown)="key($event)"
            />
            <div id="commands-list" role="listbox" aria-label="Commands" tabindex="-1">
              @for (g of groups(); track g.name) {
                <div role="group" [attr.aria-label]="g.name">
                  @if (!wanted()) {
                    <h3 aria-hidden="true">{{ g.name }}</h3>
                  }
                  @for (c of g.commands; track c.id) {
                    <app-command-option [id]="idOf(c)" [command]="c" [isActive]="c.id === active()?.id" (click)="run(c)" />
                  }
                </div>
              } @empty {
                <p class="quiet">Nothing by that name. Clear the field to see all.</p>
              }
            </div>
            <h3>In a field</h3>
            <p class="quiet">
              You can type any unit: 2 cups, 16 oz, 65 F, 1½ tbsp. Enter takes it, Esc gives the old value back, ↑ ↓ change it by one step,
              with Shift by ten.
            </p>
            <h3>On the ribbon</h3>
            <p class="quiet">← → move the day marker, Home and End jump to the first and the last day.</p>
            <button nz-button nzSize="small" type="button" (click)="commands.close()">Close <kbd>Esc</kbd></button>
          </section>
        }
      </ng-container>
    </nz-drawer>
  `,
  styles: `
    input.ant-input {
      width: 100%;
      margin: 0.375rem 0 0.25rem;
      text-align: left;
    }
    h3 {
      margin: 0.75rem 0 0.125rem;
    }
    p {
      margin: 0;
    }
    section > button {
      margin-top: 1rem;
    }
    kbd {
      margin-left: 0.375rem;
      font: inherit;
    }
  `,
})
export class CommandDrawer {
  protected readonly commands = inject(Commands);
  protected readonly isOpen = computed(() => this.commands.panel() === 'commands');
  protected readonly wanted = signal('');
  protected readonly groups = computed(() => {
    const found = findCommands(this.commands.list(), this.wanted());
    if (this.wanted().trim()) return found.length ? [{ name: 'Found', commands: found }] : [];
    return Object.entries(COMMAND_GROUPS).map(([group, name]) => ({ name, commands: found.filter((c) => c.group === group) }));
  });

  /** Those that can be run, as the arrow keys go along them. */
  private readonly runnable = computed(() => this.groups().flatMap((g) => g.commands.filter((c) => c.enabled)));
  /** The command that the arrow keys went to. */
  private readonly goneTo = signal<string | undefined>(undefined);
  /** What Enter runs: the command gone to, else the likeliest of what was found, else nothing. */
  protected readonly active = computed((): Command | undefined => {
    const list = this.runnable();
    return list.find((c) => c.id === this.goneTo()) ?? (this.wanted().trim() ? list[0] : undefined);
  });

  protected readonly activeId = computed(() => {
    const active = this.active();
    return active ? this.idOf(active) : null;
  });

  protected idOf(command: Command): string {
    return `command-${command.id.replace(/\W/g, '-')}`;
  }

  protected find(words: string): void {
    this.wanted.set(words);
    this.goneTo.set(undefined);
  }

  protected key(event: KeyboardEvent): void {
    const active = this.active();
    if (event.key === 'Enter' && active) this.run(active);
    const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    const list = this.runnable();
    if (!by || !list.length) return;
    event.preventDefault();
    const at = active ? list.indexOf(active) : by > 0 ? -1 : 0;
    this.goneTo.set(list[(at + by + list.length) % list.length].id);
  }

  protected run(command: Command): void {
    if (!command.enabled) return;
    this.commands.close();
    this.find('');
    command.run();
  }
}
