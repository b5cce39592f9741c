import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { clockText } from '../../words/clock-text';
import { Timers, type Running } from './timers';

/** The timers that run, large, whatever side is looked at. */
@Component({
  selector: 'app-timer-bar',
  imports: [NzButtonComponent],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @for (t of timers.running(); track t.id) {
      <div class="timer" [class.over]="t.leftS <= 0">
        <span class="name">{{ t.name }}</span>
        <span class="clock" role="timer">{{ shown(t) }}</span>
        <button nz-button class="tap" type="button" (click)="timers.stop(t.id)">{{ t.leftS > 0 ? 'Stop' : 'Done' }}</button>
      </div>
    }
    <p class="hidden-text" role="alert">{{ over() }}</p>
  `,
  styleUrl: './walk.less',
  styles: `
    .timer {
      display: grid;
      grid-template-columns: minmax(0, 1fr) max-content max-content;
      gap: 0.75rem;
      align-items: center;
      padding: 0.375rem 0;
      border-bottom: 1px solid var(--hairline);
    }
    .clock {
      font: 700 2.125rem/1 var(--signs);
      font-variant-numeric: tabular-nums;
    }
    .over .clock {
      color: var(--ember-text);
    }
  `,
})
export class TimerBar {
  protected readonly timers = inject(Timers);
  protected readonly shown = ({ leftS }: Running): string => (leftS > 0 ? clockText(leftS) : `+${clockText(-leftS)}`);
  protected readonly over = (): string =>
    this.timers
      .running()
      .filter((t) => t.leftS <= 0)
      .map((t) => `${t.name} is over`)
      .join('; ');
}
