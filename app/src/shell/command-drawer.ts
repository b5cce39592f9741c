import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { NzDrawerComponent, NzDrawerContentDirective } from 'ng-zorro-antd/drawer';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzInputDirective } from 'ng-zorro-antd/input';
import { Commands, type Command } from '../commands/commands';
import { findCommands } from '../commands/find-commands';
import { Dialog } from '../ui/dialog';

/** The command palette, which is also the sheet of shortcuts. */
@Component({
  selector: 'app-command-drawer',
  imports: [Dialog, NzButtonComponent, NzDrawerComponent, NzDrawerContentDirective, NzInputDirective],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <nz-drawer [nzVisible]="commands.panel() === 'commands'" nzWidth="22.5rem" [nzClosable]="false" (nzOnClose)="commands.close()">
      <ng-container *nzDrawerContent>
        @if (commands.panel() === 'commands') {
          <section appDialog aria-labelledby="commands-title">
            <h2 id="commands-title" class="sign">What can be done here</h2>
            <input
              nz-input
              cdkFocusInitial
              aria-label="Find a command"
              placeholder="type to find"
              [value]="wanted()"
              (input)="wanted.set($any($event.target).value)"
              (keydown.enter)="first()"
            />
            <ul>
              @for (c of found(); track c.id) {
                <li>
                  <button nz-button nzSize="small" type="button" [disabled]="!c.enabled" (click)="run(c)">{{ c.label }}</button>
                  <kbd>{{ c.keys }}</kbd>
                </li>
              } @empty {
                <li class="quiet">Nothing by that name. Clear the field to see all.</li>
              }
            </ul>
            <h3>In a field</h3>
            <p class="quiet">
              Any unit can be typed: 2 cups, 16 oz, 65 F, 1½ tbsp. Enter takes it, Esc gives it back, ↑ ↓ nudge, with Shift by ten.
            </p>
            <h3>On the ribbon</h3>
            <p class="quiet">← → move the day marker, Home and End jump.</p>
          </section>
        }
      </ng-container>
    </nz-drawer>
  `,
  styles: `
    input.ant-input {
      width: 100%;
      margin: 0.375rem 0 0.625rem;
      text-align: left;
    }
    ul {
      margin: 0 0 1rem;
      padding: 0;
      list-style: none;
    }
    li {
      display: flex;
      justify-content: space-between;
      padding: 0.25rem 0;
      border-top: 1px solid var(--hairline);
    }
    kbd {
      font: 500 0.875rem 'Barlow Semi Condensed';
      color: var(--ink-quiet);
    }
  `,
})
export class CommandDrawer {
  protected readonly commands = inject(Commands);
  protected readonly wanted = signal('');
  protected readonly found = computed(() => findCommands(this.commands.list(), this.wanted()));

  protected run(command: Command): void {
    this.commands.close();
    this.wanted.set('');
    command.run();
  }

  protected first(): void {
    const command = this.found().find((c) => c.enabled);
    if (command) this.run(command);
  }
}
