import { ChangeDetectionStrategy, Component, effect, ElementRef, inject, input } from '@angular/core';
import type { Command } from '../commands/commands';

/** A command in the palette, with its key; the one that Enter runs is marked and in sight. */
@Component({
  selector: 'app-command-option',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<span>{{ command().label }}</span
    ><kbd>{{ command().keys }}</kbd>`,
  host: {
    role: 'option',
    '[class.on]': 'isActive()',
    '[attr.aria-selected]': 'isActive()',
    '[attr.aria-disabled]': 'command().enabled ? null : true',
  },
  styles: `
    :host {
      display: flex;
      gap: 0.75rem;
      justify-content: space-between;
      align-items: center;
      min-height: var(--touch);
      padding: 0.25rem 0.5rem;
      border-top: 1px solid var(--hairline);
      cursor: pointer;
      font-weight: 600;
    }
    :host(:hover),
    :host(.on) {
      background: var(--ground-sunk);
    }
    :host(.on) {
      box-shadow: inset 3px 0 var(--ink);
    }
    :host([aria-disabled]) {
      color: var(--ink-quiet);
      cursor: default;
      font-weight: 400;
    }
    kbd {
      flex: none;
      padding: 0 0.375rem;
      border: 1px solid var(--control-line);
      border-radius: 4px;
      color: var(--ink-quiet);
      font: 500 0.875rem 'Barlow Semi Condensed';
    }
  `,
})
export class CommandOption {
  readonly command = input.required<Command>();
  readonly isActive = input.required<boolean>();

  constructor() {
    const host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
    effect(() => {
      if (this.isActive()) host.scrollIntoView({ block: 'nearest' });
    });
  }
}
