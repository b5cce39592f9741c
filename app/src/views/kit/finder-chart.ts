import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import type { FoundKit } from '@tinder/core/studies/found';
import { finderGeometry } from '../../charts/finder-geometry';
import { KitSection } from '../../charts/kit-section';
import { spreadAlong } from '../../charts/spread-along';
import { rem } from '../../platform/page-scale';
import { Drag, stepTo, type DraggedTo, type KeyStep } from '../../ui/drag';
import { Drawing } from '../../ui/drawing';
import { measuredWidth } from '../../ui/measured-width';
import { AXIS_WORDS, FAMILY_WORDS, hotWords, type FrontAxis } from '../../words/finder-words';
import { Units } from '../../words/units';
import { FinderSearch } from './finder-search';

const HEIGHT = 300;
/** Room under the axis, down to the cards. */
const FOOT = 52;
const GUTTER = 56;
const CARD = { width: 100, gap: 6 };

/** The kit that is carried, on the same axes. */
export interface OwnPoint {
  averageG: number;
  worth: number;
}

/** Kits by carried weight and what that is set against: the front that nothing beats, the lightest of each kind drawn under its weight, one's own kit on it. */
@Component({
  selector: 'app-finder-chart',
  imports: [Drag, Drawing, KitSection],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let g = shape();
    @let c = chosen();
    <svg
      [appDrawing]="H + foot()"
      role="slider"
      tabindex="0"
      aria-label="Along the front, from light on"
      aria-valuemin="1"
      [attr.aria-valuemax]="g.front.length"
      [attr.aria-valuenow]="at() + 1"
      [attr.aria-valuetext]="spoken(c)"
      appDrag="drag"
      (dragged)="drag($event)"
      (stepped)="step($event)"
    >
      <rect class="catch" width="100%" [attr.height]="H + foot()" />
      @for (t of g.ticksY; track t.at) {
        <line class="grid" x1="0" x2="100%" [attr.y1]="t.y" [attr.y2]="t.y" />
        <text class="quiet" x="-8" [attr.y]="t.y + 4" text-anchor="end">{{ axisText(t.at) }}</text>
      }
      @for (t of g.ticksG; track t.at) {
        <text class="quiet" [attr.x]="t.x" [attr.y]="H + 18" text-anchor="middle">{{ units.text(t.at, 'mass') }}</text>
      }
      @for (k of cards(); track k.found.number) {
        <path class="leader" [class.on]="k.found === c" [attr.d]="k.leader" />
      }
      @for (l of g.lines; track $index) {
        <path class="joins" [attr.d]="l.path" />
        @if (g.lines.length > 1) {
          <text class="quiet" [attr.x]="l.x + 10" [attr.y]="l.y - 8">{{ hotWords(l.hotADay) }}</text>
        }
      }
      @for (p of g.points; track p.found.number) {
        <circle class="mark" [class.best]="isOnFront(p.found)" [attr.cx]="p.x" [attr.cy]="p.y" r="4" />
      }
      @if (ownPoint(); as own) {
        <circle class="own" [attr.cx]="own.x" [attr.cy]="own.y" r="5" />
        <text [attr.x]="own.x + own.side * 11" [attr.y]="own.y + 16" [attr.text-anchor]="own.side > 0 ? 'start' : 'end'">Your kit</text>
      }
      @if (chosenPoint(); as p) {
        <circle class="now" [attr.cx]="p.x" [attr.cy]="p.y" r="8" />
        <text class="strong" [attr.x]="p.x + p.side * 4" [attr.y]="p.y - 14" [attr.text-anchor]="p.side > 0 ? 'start' : 'end'">
          {{ units.text(c.measured.averageG, 'mass') }}, {{ axisText(worthOf()(c)) }}
        </text>
      }
    </svg>
    <div class="cards" [class.placed]="fits()">
      @for (k of cards(); track k.found.number) {
        <button
          type="button"
          [style.left]="fits() ? rem(k.left) : null"
          [class.on]="k.found === c"
          [attr.aria-pressed]="k.found === c"
          [attr.aria-label]="spoken(k.found)"
          (click)="chosenChange.emit(k.found.number)"
        >
          <app-kit-section [kit]="k.found.kit" [width]="72" />
          <span>{{ k.words }}</span>
          <span class="quiet">from {{ units.text(k.found.measured.averageG, 'mass') }}</span>
        </button>
      }
    </div>
  `,
  styleUrl: '../../ui/figure.less',
  styles: `
    :host {
      display: block;
      min-width: 0;
    }
    .joins {
      fill: none;
      stroke: var(--ink);
      stroke-width: 1.6;
    }
    .leader {
      fill: none;
      stroke: var(--control-line);
      stroke-dasharray: 2 3;
    }
    .leader.on {
      stroke: var(--ink);
    }
    .mark {
      fill: var(--ink-quiet);
    }
    .mark.best {
      fill: var(--ink);
    }
    .own {
      fill: var(--ground);
      stroke: var(--ink);
      stroke-width: 2;
    }
    .now {
      fill: none;
      stroke: var(--ember);
      stroke-width: 3;
    }
    .cards {
      display: flex;
      flex-wrap: wrap;
      gap: 0.375rem;
      min-height: 9.25rem;
    }
    .placed {
      position: relative;
      display: block;
      margin-left: 3.5rem;
    }
    .cards button {
      display: grid;
      justify-items: center;
      width: 6.25rem;
      padding: 0.25rem;
      border: 1px solid var(--control-line);
      border-radius: 0.25rem;
      background: var(--field);
      color: var(--ink);
      font: 600 0.875rem/1.25 var(--text, inherit);
      cursor: pointer;
    }
    .placed button {
      position: absolute;
      top: 0;
    }
    .cards .on {
      border: 2px solid var(--ink);
      padding: calc(0.25rem - 1px);
    }
  `,
})
export class FinderChart {
  private readonly search = inject(FinderSearch);
  protected readonly units = inject(Units);
  readonly kits = input.required<readonly FoundKit[]>();
  readonly axis = input.required<FrontAxis>();
  /** What a kit is worth on the axis. */
  readonly worthOf = input.required<(of: FoundKit) => number>();
  readonly chosen = input.required<FoundKit>();
  readonly own = input<OwnPoint>();
  readonly chosenChange = output<number>();

  protected readonly H = HEIGHT;
  protected readonly rem = rem;
  protected readonly hotWords = hotWords;
  private readonly hostWidth = measuredWidth(760);
  protected readonly width = computed(() => Math.max(160, this.hostWidth() - GUTTER));
  protected readonly shape = computed(() =>
    finderGeometry(this.kits(), this.worthOf(), this.width(), HEIGHT, this.units.unit('mass').factor, this.own()),
  );
  /** The lightest of each kind on the front. */
  private readonly kinds = computed(() => {
    const seen = new Set<string>();
    return this.shape().front.filter(({ found }) => !seen.has(found.school) && seen.add(found.school));
  });
  protected readonly fits = computed(() => this.kinds().length * (CARD.width + CARD.gap) <= this.width());
  protected readonly foot = computed(() => (this.fits() ? FOOT : 32));
  protected readonly cards = computed(() => {
    const kinds = this.kinds();
    const lefts = spreadAlong(
      kinds.map((p) => p.x),
      CARD.width,
      CARD.gap,
      this.width(),
    );
    return kinds.map(({ found, x, y }, i) => ({
      found,
      left: lefts[i],
      words: FAMILY_WORDS[found.school],
      leader: this.fits() ? `M${x},${y} V${HEIGHT + 26} L${lefts[i] + CARD.width / 2},${HEIGHT + FOOT}` : '',
    }));
  });
  protected readonly chosenPoint = computed(() => {
    const point = this.shape().points.find((p) => p.found === this.chosen());
    return point && { ...point, side: point.x < this.width() / 2 ? 1 : -1 };
  });
  protected readonly ownPoint = computed(() => {
    const { own } = this.shape();
    return own && { ...own, side: own.x < this.width() / 2 ? 1 : -1 };
  });
  /** Place of what is chosen on the front; the nearest in weight where it is not on it. */
  protected readonly at = computed(() => {
    const { front, nearest } = this.shape();
    const exact = front.findIndex((p) => p.found === this.chosen());
    if (exact >= 0) return exact;
    const near = nearest(this.chosenPoint()?.x ?? 0);
    return Math.max(
      0,
      front.findIndex((p) => p === near),
    );
  });

  protected axisText(value: number): string {
    if (this.axis() === 'runsOut') return `${Math.round(100 * value)} %`;
    return this.axis() === 'price' ? this.units.text(value, 'price', 0) : this.units.text(value, 'minutes', 0);
  }
  protected spoken(found: FoundKit): string {
    const { averageG } = found.measured;
    return `${this.search.nameOf(found)}: ${this.units.text(averageG, 'mass')} carried, ${this.axisText(this.worthOf()(found))} ${AXIS_WORDS[this.axis()]}`;
  }
  protected isOnFront(found: FoundKit): boolean {
    return this.shape().front.some((p) => p.found === found);
  }
  protected drag({ x }: DraggedTo): void {
    const near = this.shape().nearest(x);
    if (near) this.chosenChange.emit(near.found.number);
  }
  protected step(step: KeyStep): void {
    const { front } = this.shape();
    const to = front[stepTo(step, this.at(), { min: 0, max: front.length - 1 })];
    if (to) this.chosenChange.emit(to.found.number);
  }
}
