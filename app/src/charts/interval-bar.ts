import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Difference } from '@tinder/core/studies/bench';
import { scaleLinear } from 'd3-scale';
import { Drawing } from '../ui/drawing';
import { measuredWidth } from '../ui/measured-width';
import { Units } from '../words/units';

/** A difference with its interval on a line of grams, nothing in the middle: what lies across the middle is not told. */
@Component({
  selector: 'app-interval-bar',
  imports: [Drawing],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let g = shape();
    <svg [appDrawing]="46" role="img" [attr.aria-label]="spoken()">
      <line class="axis" x1="24" [attr.x2]="width() - 24" y1="18" y2="18" />
      @for (t of g.ticks; track t) {
        <line class="axis" [attr.x1]="g.x(t)" [attr.x2]="g.x(t)" y1="15" y2="21" />
        <text class="quiet" [attr.x]="g.x(t)" y="36" text-anchor="middle">{{ mark(t) }}</text>
      }
      <line class="zero" [attr.x1]="g.x(0)" [attr.x2]="g.x(0)" y1="2" y2="26" />
      <line class="span" [class.told]="told()" [attr.x1]="g.x(of().low)" [attr.x2]="g.x(of().high)" y1="18" y2="18" />
      <circle [class.told]="told()" [attr.cx]="g.x(of().mean)" cy="18" r="5" />
      <text class="side" x="0" y="9">{{ nameA() }} uses less</text>
      <text class="side" [attr.x]="width()" y="9" text-anchor="end">{{ nameB() }} uses less</text>
    </svg>
  `,
  styles: `
    :host {
      display: block;
      max-width: 38.75rem;
    }
    svg {
      display: block;
      overflow: visible;
    }
    .axis {
      stroke: var(--hairline);
    }
    .zero {
      stroke: var(--ink);
      stroke-dasharray: 2 2;
    }
    .span {
      stroke: var(--ink-quiet);
      stroke-width: 5;
    }
    circle {
      fill: var(--ink-quiet);
    }
    .span.told {
      stroke: var(--ember);
    }
    circle.told {
      fill: var(--ember);
    }
    text {
      fill: var(--ink-quiet);
      font-size: 13px;
    }
  `,
})
export class IntervalBar {
  private readonly units = inject(Units);
  readonly of = input.required<Difference>();
  readonly told = input(false);
  readonly nameA = input.required<string>();
  readonly nameB = input.required<string>();
  protected readonly width = measuredWidth(520);

  protected readonly shape = computed(() => {
    const { low, high } = this.of();
    const most = 1.15 * Math.max(1, Math.abs(low), Math.abs(high));
    const x = scaleLinear()
      .domain([-most, most])
      .range([24, this.width() - 24]);
    return { x: (v: number) => x(v), ticks: x.ticks(5) };
  });
  protected readonly spoken = computed(() => {
    const { mean, low, high } = this.of();
    const text = (x: number): string => this.units.mealMass(x);
    return `${this.nameA()} less ${this.nameB()}: ${text(mean)}, from ${text(low)} to ${text(high)}`;
  });

  protected mark(g: number): string {
    return g === 0 ? '0' : this.units.signed(g, 'mass', 0);
  }
}
