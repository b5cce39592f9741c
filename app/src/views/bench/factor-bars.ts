import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { CALIBRATED, type Calibration } from '@tinder/core/domain/model';
import { scaleLinear } from 'd3-scale';
import { Drawing } from '../../ui/drawing';
import { measuredWidth } from '../../ui/measured-width';
import { FACTOR_WORDS, factorSpread, factorWords, shortFactorWords } from '../../words/bench-words';

const ROW = 30;
/** Room for the names at the left and the figures at the right, px. */
const NAMES = 176;
const FIGURES = 90;
/** Where the axis is shorter than this to one side, its ends are not marked, px. */
const ROOM_OF_A_MARK = 60;
/** The axis shows at least so much either way, and no more than double and half. */
const LEAST = 0.3;
const MOST = 1;

/** One's own stove beside the catalogue's, factor by factor: what was found, and between what it lies 95 times in 100. */
@Component({
  selector: 'app-factor-bars',
  imports: [Drawing],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let g = shape();
    <svg [appDrawing]="rows().length * row + 20" role="img" [attr.aria-label]="spoken()">
      <line class="zero" [attr.x1]="g.x(0)" [attr.x2]="g.x(0)" y1="4" [attr.y2]="rows().length * row" />
      @for (r of rows(); track r.name; let i = $index) {
        <g [attr.transform]="'translate(0,' + (i + 0.5) * row + ')'">
          <text y="4">{{ r.name }}</text>
          <line class="span" [attr.x1]="g.x(r.low)" [attr.x2]="g.x(r.high)" />
          <line class="end" [attr.x1]="g.x(r.low)" [attr.x2]="g.x(r.low)" y1="-5" y2="5" />
          <line class="end" [attr.x1]="g.x(r.high)" [attr.x2]="g.x(r.high)" y1="-5" y2="5" />
          <circle [attr.cx]="g.x(r.found)" r="4" />
          <text class="figure" [attr.x]="width()" y="4" text-anchor="end">{{ r.short }}</text>
        </g>
      }
      @for (t of g.ticks; track t) {
        <text class="quiet" [attr.x]="g.x(t)" [attr.y]="rows().length * row + 14" text-anchor="middle">{{ mark(t) }}</text>
      }
    </svg>
  `,
  styles: `
    :host {
      display: block;
    }
    svg {
      display: block;
    }
    text {
      fill: var(--ink);
      font-size: 14px;
    }
    .figure {
      font-weight: 600;
    }
    .quiet {
      fill: var(--ink-quiet);
      font-size: 13px;
    }
    .zero {
      stroke: var(--hairline);
    }
    .span,
    .end {
      stroke: var(--ink);
      stroke-width: 1.5;
    }
    circle {
      fill: var(--ink);
    }
  `,
})
export class FactorBars {
  readonly calibration = input.required<Calibration>();
  protected readonly row = ROW;
  protected readonly width = measuredWidth(640);

  protected readonly rows = computed(() => {
    const c = this.calibration();
    return CALIBRATED.map((name, i) => ({
      name: FACTOR_WORDS[name].name,
      short: shortFactorWords(c.factors[name]),
      words: factorWords(name, c, i),
      ...factorSpread(name, c, i),
    }));
  });
  protected readonly shape = computed(() => {
    const reach = Math.max(LEAST, ...this.rows().flatMap((r) => [Math.abs(r.low), Math.abs(r.high)]));
    const most = Math.min(MOST, reach);
    const x = scaleLinear()
      .domain([-most, most])
      .range([NAMES, Math.max(NAMES + 40, this.width() - FIGURES)])
      .clamp(true);
    const ends = x(most) - x(0) < ROOM_OF_A_MARK ? [] : [-most, most];
    return { x: (share: number) => x(share), ticks: [0, ...ends].map((t) => Math.round(10 * t) / 10) };
  });
  protected readonly spoken = computed(
    () =>
      `Compared with a typical stove of its type. ${this.rows()
        .map((r) => `${r.name}: ${r.words}`)
        .join('; ')}.`,
  );

  protected mark(share: number): string {
    if (share === 0) return 'same';
    return `${share > 0 ? '+' : '−'}${Math.round(100 * Math.abs(share))} %`;
  }
}
