import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { DishCurve, DishWay } from '@tinder/core/studies/study';
import { formatDuration } from '@tinder/core/foundation/units';
import { dishGeometry } from '../../charts/dish-geometry';
import { Drawing } from '../../ui/drawing';
import { measuredWidth } from '../../ui/measured-width';
import { methodWords } from '../../words/menu-words';
import { sentenceStart } from '../../words/sentence-start';
import { Units } from '../../words/units';

const GUTTER = 48;
const HIGH_C = 150;
const HIGH_G = 120;
/** From the foot of the upper drawing to the head of the lower one: minutes and a title. */
const BETWEEN = 56;
const FOOT = 22;
const TICKS_C = [0, 25, 50, 75, 100];
/** Words over the flame need so much room, px. */
const FLAME_WORDS_PX = 76;

/** A dish at the stove on one axis of minutes: the pot's temperature, and below it what each way to the dish takes. */
@Component({
  selector: 'app-dish-chart',
  imports: [Drawing],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let g = shape();
    <svg [appDrawing]="high()" role="img" [attr.aria-label]="spoken()">
      @if (curve(); as c) {
        <text class="strong" x="-46" y="14">At the stove</text>
        <g transform="translate(0, 24)">
          @for (t of ticksC; track t) {
            <line class="grid" x1="0" x2="100%" [attr.y1]="g.yC(t)" [attr.y2]="g.yC(t)" />
            <text class="quiet" x="-8" [attr.y]="g.yC(t) + 4" text-anchor="end">{{ units.text(t, 'temperature', 0) }}</text>
          }
          <path class="heat" [attr.d]="g.heat" />
          <path class="rest" [attr.d]="g.rest" />
          <path class="pot" [attr.d]="g.line" />
          @let off = g.x(c.flameOffS / 60);
          @if (off > flameWordsPx) {
            <text x="6" y="12">{{ flame() }}</text>
            <text class="quiet" x="6" y="28">{{ duration(c.flameOffS) }}</text>
          }
          <text [attr.x]="off + 6" y="6">{{ hot() }}</text>
          @if (done(); as d) {
            <line class="done" [attr.x1]="d.x" [attr.x2]="d.x" [attr.y1]="H * 0.26" [attr.y2]="H + between + G" />
            <text class="strong" [attr.x]="d.x + 6 * d.side" [attr.y]="H * 0.5" [attr.text-anchor]="d.anchor">{{ d.words }}</text>
            <text class="quiet" [attr.x]="d.x + 6 * d.side" [attr.y]="H * 0.5 + 16" [attr.text-anchor]="d.anchor">{{ d.restWords }}</text>
          }
          @if (eat(); as e) {
            <line class="eat" [attr.x1]="e.x" [attr.x2]="e.x" [attr.y1]="H * 0.72" [attr.y2]="H" />
            <text [attr.x]="e.x + 6 * e.side" [attr.y]="H - 8" [attr.text-anchor]="e.anchor">{{ e.words }}</text>
          }
          @for (t of g.ticksMin; track t) {
            <text class="quiet" [attr.x]="g.x(t)" [attr.y]="H + 17" text-anchor="middle">{{ t }}{{ $first ? ' min' : '' }}</text>
          }
        </g>
      }
      @if (g.ways.length > 1) {
        <g [attr.transform]="'translate(0, ' + waysTop() + ')'">
          <text class="strong" x="-46" y="-8">Ways to done: fuel by minutes</text>
          @for (t of g.ticksG; track t) {
            <line class="grid" x1="0" x2="100%" [attr.y1]="yG(t)" [attr.y2]="yG(t)" />
            <text class="quiet" x="-8" [attr.y]="yG(t) + 4" text-anchor="end">{{ units.text(t, 'mass') }}</text>
          }
          @for (p of g.ways; track p.way.method) {
            <circle [class]="p.way.isPlanned ? 'yours' : 'other'" [attr.cx]="p.x" [attr.cy]="p.y" [attr.r]="p.way.isPlanned ? 7 : 4" />
            <text
              [class.strong]="p.way.isPlanned"
              [attr.x]="p.x + (p.side > 0 ? 12 : 6)"
              [attr.y]="p.labelY + 4"
              [attr.text-anchor]="p.side > 0 ? 'start' : 'end'"
            >
              {{ wayWords(p.way) }}
            </text>
          }
          @for (t of g.ticksMin; track t) {
            <text class="quiet" [attr.x]="g.x(t)" [attr.y]="G + 17" text-anchor="middle">{{ t }}{{ $first ? ' min' : '' }}</text>
          }
        </g>
      }
    </svg>
  `,
  styleUrl: '../../ui/figure.less',
  styles: `
    :host {
      display: block;
      min-width: 0;
    }
    .heat {
      fill: var(--ember);
    }
    .rest {
      fill: var(--ground-sunk);
    }
    .pot {
      fill: none;
      stroke: var(--ink);
      stroke-width: 2.4;
    }
    .done {
      stroke: var(--ink);
      stroke-width: 1.6;
    }
    .eat {
      stroke: var(--control-line);
      stroke-width: 1.6;
    }
    .yours {
      fill: var(--ground);
      stroke: var(--ember);
      stroke-width: 3;
    }
    .other {
      fill: var(--ink);
    }
  `,
})
export class DishChart {
  protected readonly units = inject(Units);
  readonly curve = input.required<DishCurve | undefined>();
  readonly ways = input.required<readonly DishWay[]>();
  /** What is done at the flame, "Flame at 70 %", and what it is stopped at. */
  readonly flame = input.required<string>();
  readonly hot = input.required<string>();

  protected readonly H = HIGH_C;
  protected readonly G = HIGH_G;
  protected readonly between = BETWEEN;
  protected readonly ticksC = TICKS_C;
  protected readonly flameWordsPx = FLAME_WORDS_PX;
  protected readonly duration = formatDuration;
  private readonly hostWidth = measuredWidth(440);
  protected readonly widthPx = computed(() => Math.max(160, this.hostWidth() - GUTTER - 12));
  protected readonly shape = computed(() =>
    dishGeometry(this.curve(), this.ways(), {
      widthPx: this.widthPx(),
      highC: HIGH_C,
      highG: HIGH_G,
      unitG: this.units.unit('mass').factor,
    }),
  );
  protected readonly waysTop = computed(() => (this.curve() ? 24 + HIGH_C + BETWEEN : 24));
  protected readonly high = computed(() => (this.ways().length > 1 ? this.waysTop() + HIGH_G : this.curve() ? 24 + HIGH_C : 0) + FOOT);
  protected readonly yG = (grams: number): number => this.shape().yG(grams / this.units.unit('mass').factor);

  protected readonly done = computed(() => {
    const c = this.curve();
    if (!c) return undefined;
    if (c.doneS === undefined) return { ...this.place(c.flameOffS), words: 'Never done', restWords: 'It cools too soon' };
    return { ...this.place(c.doneS), words: `Done at ${this.minutes(c.doneS)}`, restWords: this.restWords(c.doneS - c.flameOffS) };
  });
  protected readonly eat = computed(() => {
    const s = this.curve()?.eatS;
    return s === undefined ? undefined : { ...this.place(s), words: `Eat at ${this.minutes(s)}` };
  });
  protected readonly spoken = computed(() => {
    const [done, eat] = [this.done(), this.eat()];
    const ways = this.ways().map((w) => this.wayWords(w));
    return [
      ...(done ? [`${this.flame()}, ${this.hot()}`, done.words, done.restWords] : []),
      ...(eat ? [eat.words] : []),
      ...(ways.length > 1 ? [`Ways to it: ${ways.join('; ')}`] : []),
    ].join('. ');
  });

  /** "Yours: 14.3 g", "Cold soak, 60 min: no fuel". */
  protected wayWords({ method, isPlanned, fuelG, doneS }: DishWay): string {
    const beyond = doneS / 60 > this.shape().x.domain()[1] ? `, ${this.minutes(doneS)}` : '';
    return `${isPlanned ? 'Yours' : sentenceStart(methodWords(method, this.units))}${beyond}: ${fuelG > 0 ? this.units.mealMass(fuelG) : 'no fuel'}`;
  }

  private readonly minutes = (s: number): string => this.units.text(s / 60, 'minutes', 0);
  private readonly restWords = (s: number): string => (s > 0 ? `Rest ${formatDuration(s)}` : 'No rest needed');

  private place(s: number): { x: number; side: 1 | -1; anchor: 'start' | 'end' } {
    const x = Math.min(this.shape().x(s / 60), this.widthPx());
    const side = x > 0.6 * this.widthPx() ? -1 : 1;
    return { x, side, anchor: side > 0 ? 'start' : 'end' };
  }
}
