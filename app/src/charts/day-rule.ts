import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { DayMarker } from '../planning/day-marker';
import { TrailAxis } from './trail-axis';

/** The dotted day marker through ribbon and charts, with its name on top. Lies over a block whose width is the time axis. */
@Component({
  selector: 'app-day-rule',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<span aria-hidden="true">day {{ marker.day() }}</span>`,
  host: { '[style.left.%]': 'left()' },
  styles: `
    :host {
      position: absolute;
      top: 18px;
      bottom: 0;
      width: 0;
      border-left: 1px dashed var(--ink);
      pointer-events: none;
    }
    span {
      position: absolute;
      top: -18px;
      left: 0;
      transform: translateX(-50%);
      padding: 0 10px;
      background: var(--ink);
      color: var(--ground);
      forced-color-adjust: none;
      font: 600 13px/18px var(--signs);
      white-space: nowrap;
      clip-path: polygon(0 0, 100% 0, calc(100% - 5px) 100%, 5px 100%);
    }
  `,
})
export class DayRule {
  protected readonly marker = inject(DayMarker);
  protected readonly left = inject(TrailAxis).markedPercent;
}
