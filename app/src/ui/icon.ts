import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';

/** Our own drawings on a square of 24, strokes only, so that they take the colour of the words beside them. */
const DRAWN = {
  trail: 'M2 19 8 8l4 6 3-5 7 10z M8 8l2-3 2 3',
  kit: 'M6 9h12v6a3 3 0 0 1-3 3H9a3 3 0 0 1-3-3z M9 6v3 M15 6v3 M8 21l2-3 M16 21l-2-3 M4 9h16',
  menu: 'M3 11h18a9 9 0 0 1-6 8H9a9 9 0 0 1-6-8z M9 8c0-2 2-2 2-4 M13 8c0-2 2-2 2-4',
  carry: 'M6 20V11a6 6 0 0 1 12 0v9z M10 5V3h4v2 M6 13h12',
  pack: 'M5 20V9l3-3h8l3 3v11z M8 6V4h8v2 M8 20v-6h8v6 M5 12h14',
  walk: 'M8 3v9l-3 4v4h15v-3l-7-3V3z M8 8h5',
  bench: 'M12 3c1 4 5 5 5 10a5 5 0 0 1-10 0c0-3 2-4 2-6 1 1 2 2 2 3 1-2 1-4 1-7z',
  shelf: 'M3 11h18 M3 20h18 M5 11V6h4v5 M13 11V4h5v7 M6 20v-5h5v5 M15 20v-4h4v4',
  more: 'M5 12h.01 M12 12h.01 M19 12h.01',
  undo: 'M8 5 4 9l4 4 M4 9h10a6 6 0 0 1 0 12h-3',
  redo: 'm16 5 4 4-4 4 M20 9H10a6 6 0 0 0 0 12h3',
  search: 'M10.5 4a6.5 6.5 0 1 0 0 13 6.5 6.5 0 0 0 0-13z M15.5 15.5 21 21',
  down: 'm6 9 6 6 6-6',
  left: 'm15 6-6 6 6 6',
  right: 'm9 6 6 6-6 6',
  options: 'M4 8h8 M18 8h2 M4 16h2 M12 16h8 M15 5v6 M9 13v6',
  headlamp: 'M7 9h10v6H7z M3 12h4 M17 12h4 M9 15l-2 5 M15 15l2 5 M12 15v5',
  guide: 'M9 9a3 3 0 1 1 4.5 2.6c-1 .6-1.5 1.2-1.5 2.4 M12 17h.01 M12 2.5a9.5 9.5 0 1 0 0 19 9.5 9.5 0 0 0 0-19z',
  saved: 'm5 13 4 4L19 7',
  within: 'M12 3a9 9 0 1 0 0 18 9 9 0 0 0 0-18z m-4 9 3 3 5-6',
  tight: 'M12 4 2.5 20h19z M12 10v5 M12 17.5h.01',
  short: 'M8 3h8l5 5v8l-5 5H8l-5-5V8z M12 7v6 M12 16.5h.01',
} as const;
export type IconName = keyof typeof DRAWN;

/** An icon beside a word that says the same: decoration to those who listen. */
@Component({
  selector: 'app-icon',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<svg viewBox="0 0 24 24" width="1em" height="1em" aria-hidden="true"><path [attr.d]="path()" /></svg>`,
  styles: `
    :host {
      display: inline-flex;
      font-size: 1.25rem;
      line-height: 1;
    }
    path {
      fill: none;
      stroke: currentcolor;
      stroke-width: 1.7;
      stroke-linecap: round;
      stroke-linejoin: round;
    }
  `,
})
export class Icon {
  readonly name = input.required<IconName>();
  protected readonly path = computed(() => DRAWN[this.name()]);
}
